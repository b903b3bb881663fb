import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  test: {
    include: ['src/**/*.test.ts', 'scripts/**/*.test.ts'],
    environment: 'node',
    setupFiles: ['vitest.setup.ts'],
    testTimeout: 120_000,
    // Both cores: what is tested waits for files and timers besides reckoning.
    maxWorkers: 2,
  },
});
