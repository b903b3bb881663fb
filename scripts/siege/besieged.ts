import { spawn, type ChildProcess } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { freePort } from '../lib/ports.mjs';
import { ROOT, SERVER } from '../lib/ready.mjs';
import { startServer } from '../lib/serve.mjs';

/** The first port that a siege looks at. */
const FIRST_PORT = 4200;

/** A server under siege, in a process of its own that is ended by its own id. */
export class Besieged {
  private readonly ended: Promise<number | null>;

  private constructor(
    private readonly child: ChildProcess,
    readonly address: string,
  ) {
    this.ended = new Promise((resolve) => child.once('exit', (code) => resolve(code)));
  }

  /** Starts one, which answers. @throws where it does not start */
  static async start(database: string, environment: Record<string, string> = {}): Promise<Besieged> {
    const { child, address } = await startServer({ database, port: await freePort(FIRST_PORT), environment });
    return new Besieged(child, address);
  }

  /** Begins to start one and kills it so many milliseconds later, wherever it is by then. */
  static async startAndKill(database: string, afterMs: number): Promise<void> {
    const port = await freePort(FIRST_PORT);
    const child = spawn(process.execPath, [...SERVER, '127.0.0.1', String(port), '98'], {
      cwd: ROOT,
      stdio: 'ignore',
      env: { ...process.env, RUELLE_DATABASE: database, NODE_ENV: 'production', NEXT_TELEMETRY_DISABLED: '1' },
    });
    const ended = new Promise((resolve) => child.once('exit', resolve));
    setTimeout(() => child.kill('SIGKILL'), afterMs);
    await ended;
  }

  get pid(): number {
    return this.child.pid ?? 0;
  }

  get isRunning(): boolean {
    return this.child.exitCode === null && this.child.signalCode === null;
  }

  /** Ends it in the middle of what it does. */
  async kill(): Promise<void> {
    this.child.kill('SIGKILL');
    await this.ended;
  }

  /** Asks it to end, and tells how it did. */
  async stop(): Promise<number | null> {
    this.child.kill('SIGTERM');
    return this.ended;
  }

  /** The memory that it takes, MB. */
  memoryMb(): number {
    const status = readFileSync(`/proc/${this.pid}/status`, 'utf8');
    return Number(/VmRSS:\s+(\d+)/.exec(status)?.[1] ?? 0) / 1024;
  }
}
