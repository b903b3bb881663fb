import type { ChildProcess } from 'node:child_process';

export declare function startServer(options: {
  database: string;
  port: number;
  program?: string;
  environment?: Record<string, string>;
}): Promise<{ child: ChildProcess; address: string }>;
