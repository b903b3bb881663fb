import { spawn, type ChildProcess } from 'node:child_process';
import { expect } from '@playwright/test';

/** A run of `npm start` on a database of its own, without npm. */
export class Start {
  printed = '';
  readonly child: ChildProcess;
  readonly ended: Promise<number | null>;

  constructor(database: string, env: Record<string, string> = {}) {
    this.child = spawn(process.execPath, ['scripts/start.mjs'], {
      env: { ...process.env, PORT: '', RUELLE_HOST: '', RUELLE_DATABASE: database, ...env },
      stdio: ['ignore', 'pipe', 'pipe'],
    });
    for (const stream of [this.child.stdout, this.child.stderr])
      stream?.on('data', (part: Buffer) => (this.printed += part.toString()));
    this.ended = new Promise((resolve) => this.child.on('exit', resolve));
  }

  /** The address, once it answers. */
  async ready(): Promise<string> {
    await expect(() => expect(this.printed).toContain('Ruelle is ready')).toPass({ timeout: 60_000 });
    return /Ruelle is ready: (\S+)/.exec(this.printed)?.[1] ?? '';
  }
}
