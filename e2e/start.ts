import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, type Browser, type Page } from '@playwright/test';

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

/** Does something in a workroom of its own, in which no other test has anything: with a server, a database and a window that go with it. */
export async function inItsOwnWorkroom(browser: Browser, work: (page: Page) => Promise<void>): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'ruelle-own-'));
  const own = new Start(join(folder, 'bags.sqlite'));
  const context = await browser.newContext({ baseURL: await own.ready() });
  try {
    await work(await context.newPage());
  } finally {
    await context.close();
    own.child.kill('SIGTERM');
    await own.ended;
    rmSync(folder, { recursive: true });
  }
}
