import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';
import { BaseSequencer, type TestSpecification } from 'vitest/node';

/** Files that take longest are begun first, so that no core waits for the other at the end. */
const LONGEST = /\/(?:replay|fuzz|plan|repairs)\.test\.ts$/;
class LongestFirst extends BaseSequencer {
  override async sort(files: TestSpecification[]): Promise<TestSpecification[]> {
    const sorted = await super.sort(files);
    const isLong = ({ moduleId }: TestSpecification) => LONGEST.test(moduleId);
    return [...sorted.filter(isLong), ...sorted.filter((file) => !isLong(file))];
  }
}

const every = {
  environment: 'node' as const,
  setupFiles: ['vitest.setup.ts'],
  testTimeout: 120_000,
  hookTimeout: 60_000,
};

export default defineConfig({
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  test: {
    // Both cores: what is tested waits for files and timers besides reckoning.
    maxWorkers: 2,
    sequence: { sequencer: LongestFirst },
    projects: [
      // Pure functions on plain data leave nothing behind: their files share what they import.
      {
        extends: true,
        test: {
          ...every,
          name: 'core',
          include: ['src/core/**/*.test.ts', 'src/drawing/**/*.test.ts'],
          isolate: false,
        },
      },
      {
        extends: true,
        test: {
          ...every,
          name: 'around',
          include: ['src/**/*.test.ts', 'scripts/**/*.test.ts'],
          exclude: ['src/core/**', 'src/drawing/**'],
        },
      },
    ],
  },
});
