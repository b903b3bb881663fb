import { fileURLToPath } from 'node:url';
import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import boundaries from 'eslint-plugin-boundaries';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/** What each part may import: core ← drawing ← ui and app; core ← store ← server; workers are what a thread does. Nothing imports upward. */
const MAY_IMPORT = {
  core: [],
  drawing: ['core'],
  store: ['core'],
  server: ['core', 'drawing', 'store', 'workers'],
  demo: ['core'],
  workers: ['core', 'drawing'],
  ui: ['core', 'drawing', 'workers'],
  app: ['core', 'drawing', 'store', 'server', 'ui'],
  scripts: ['core', 'drawing', 'store', 'demo', 'ui', 'server', 'workers'],
};

export default tseslint.config(
  {
    ignores: [
      '.next/',
      'node_modules/',
      'coverage/',
      'data/',
      'next-env.d.ts',
      'test-results/',
      'playwright-report/',
      '**/*.cjs',
    ],
  },
  js.configs.recommended,
  ...tseslint.configs.strict,
  {
    files: ['**/*.{ts,tsx,mjs}'],
    plugins: { boundaries, 'react-hooks': reactHooks },
    settings: {
      'import/resolver': { [fileURLToPath(new URL('./scripts/lib/aliasResolver.cjs', import.meta.url))]: {} },
      'boundaries/elements': [
        { type: 'core', pattern: 'src/core/**', partialMatch: false },
        { type: 'drawing', pattern: 'src/drawing/**', partialMatch: false },
        { type: 'store', pattern: 'src/store/**', partialMatch: false },
        { type: 'server', pattern: 'src/server/**', partialMatch: false },
        { type: 'demo', pattern: 'src/demo/**', partialMatch: false },
        { type: 'workers', pattern: 'src/workers/**', partialMatch: false },
        { type: 'ui', pattern: 'src/ui/**', partialMatch: false },
        { type: 'app', pattern: 'src/app/**', partialMatch: false },
        { type: 'scripts', pattern: ['scripts/**', 'e2e/**'], partialMatch: false },
      ],
    },
    rules: {
      ...reactHooks.configs.recommended.rules,
      'boundaries/dependencies': [
        'error',
        {
          default: 'disallow',
          policies: Object.entries(MAY_IMPORT).map(([from, allowed]) => ({
            from: { element: { type: from } },
            allow: [from, ...allowed].map((type) => ({ to: { element: { type } } })),
          })),
        },
      ],
      '@typescript-eslint/no-non-null-assertion': 'error',
      'no-console': 'off',
    },
  },
  {
    files: ['src/core/**', 'src/drawing/**'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            'react',
            'react-dom',
            'next',
            'next/*',
            'sequelize',
            'sqlite3',
            '@chakra-ui/*',
            'node:*',
            'zustand*',
          ],
        },
      ],
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'fetch',
        'localStorage',
        'process',
        'Date',
        'performance',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'A random source is a parameter.' },
      ],
    },
  },
  {
    files: ['**/*.mjs', 'eslint.config.mjs'],
    languageOptions: {
      globals: {
        process: 'readonly',
        console: 'readonly',
        fetch: 'readonly',
        setTimeout: 'readonly',
        performance: 'readonly',
        URL: 'readonly',
        window: 'readonly',
        document: 'readonly',
        requestAnimationFrame: 'readonly',
        MessageChannel: 'readonly',
        PointerEvent: 'readonly',
        localStorage: 'readonly',
        AbortSignal: 'readonly',
        Buffer: 'readonly',
      },
    },
  },
  prettier,
);
