import js from '@eslint/js';
import boundaries from 'eslint-plugin-boundaries';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

// Inside the core every room may look down, never up; the order is the way of the data.
const CORE_ROOMS = [
  'text',
  'calendar',
  'quantity',
  'catalogue',
  'formula',
  'own',
  'mixture',
  'stock',
  'findings',
  'evaluation',
  'cleaning',
  'shelf-life',
  'batch',
  'household',
  'shopping',
  'money',
  'exchange',
];
const MAY_SEE = {
  text: [],
  calendar: [],
  quantity: ['text'],
  catalogue: ['text', 'quantity'],
  formula: ['text', 'quantity', 'catalogue'],
  mixture: ['text', 'quantity', 'catalogue', 'formula'],
  own: ['text', 'quantity', 'catalogue', 'formula'],
  stock: ['text', 'quantity', 'catalogue', 'formula', 'mixture'],
  findings: ['text', 'quantity', 'catalogue', 'formula', 'mixture'],
  evaluation: ['text', 'quantity', 'catalogue', 'formula', 'mixture', 'findings'],
  cleaning: ['text', 'quantity', 'catalogue', 'formula', 'mixture', 'stock', 'findings', 'evaluation'],
  'shelf-life': ['text', 'quantity', 'catalogue', 'formula', 'mixture', 'stock', 'findings', 'evaluation'],
  batch: [
    'text',
    'quantity',
    'catalogue',
    'formula',
    'mixture',
    'stock',
    'findings',
    'evaluation',
    'cleaning',
    'shelf-life',
  ],
  household: [
    'text',
    'quantity',
    'catalogue',
    'formula',
    'mixture',
    'findings',
    'evaluation',
    'cleaning',
    'shelf-life',
  ],
  shopping: [
    'text',
    'quantity',
    'catalogue',
    'formula',
    'mixture',
    'stock',
    'findings',
    'evaluation',
    'cleaning',
    'shelf-life',
  ],
  money: [
    'text',
    'quantity',
    'catalogue',
    'formula',
    'mixture',
    'stock',
    'findings',
    'evaluation',
    'cleaning',
    'shelf-life',
  ],
  exchange: CORE_ROOMS.filter((r) => r !== 'exchange'),
};

export default tseslint.config(
  {
    ignores: [
      'node_modules',
      'dist',
      '.expo',
      'coverage',
      'test-results',
      '*.config.js',
      'metro.config.js',
      'babel.config.js',
    ],
  },
  js.configs.recommended,
  ...tseslint.configs.strictTypeChecked,
  ...tseslint.configs.stylisticTypeChecked,
  {
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    plugins: { boundaries, 'react-hooks': reactHooks },
    settings: {
      'import/resolver': { typescript: { project: './tsconfig.json' } },
      'boundaries/include': ['src/**/*', 'server/**/*', 'cli/**/*', 'bundle/**/*'],
      'boundaries/elements': [
        { type: 'core-door', pattern: ['src/core/index.ts', 'src/core/doors/*.ts'], mode: 'full' },
        ...CORE_ROOMS.map((room) => ({ type: `core-${room}`, pattern: `src/core/${room}/**/*`, mode: 'full' })),
        { type: 'intent', pattern: 'src/intent/**/*', mode: 'full' },
        { type: 'loading', pattern: 'src/loading/**/*', mode: 'full' },
        { type: 'parts', pattern: 'src/parts/**/*', mode: 'full' },
        { type: 'worker', pattern: 'src/worker/**/*', mode: 'full' },
        { type: 'testing', pattern: 'src/testing/**/*', mode: 'full' },
        { type: 'data', pattern: 'src/data/**/*', mode: 'full' },
        { type: 'print', pattern: 'src/print/**/*', mode: 'full' },
        { type: 'devices', pattern: 'src/devices/**/*', mode: 'full' },
        { type: 'ui', pattern: 'src/ui/**/*', mode: 'full' },
        { type: 'forms', pattern: 'src/forms/**/*', mode: 'full' },
        { type: 'mix-room', pattern: 'src/features/mix/*/**/*', mode: 'full', capture: ['room'] },
        { type: 'feature', pattern: 'src/features/*/**/*', mode: 'full', capture: ['feature'] },
        { type: 'app', pattern: 'src/app/**/*', mode: 'full' },
        { type: 'server', pattern: 'server/**/*', mode: 'full' },
        { type: 'cli', pattern: 'cli/**/*', mode: 'full' },
        { type: 'bundle', pattern: 'bundle/**/*', mode: 'full' },
      ],
    },
    rules: {
      'boundaries/no-unknown-files': 'error',
      'boundaries/element-types': [
        'error',
        {
          default: 'disallow',
          message: '${file.type} may not import ${dependency.type}: imports point down (see README, "docs/house.md")',
          rules: [
            ...CORE_ROOMS.map((room) => ({
              from: `core-${room}`,
              allow: [room, ...MAY_SEE[room]].map((r) => `core-${r}`),
            })),
            { from: 'core-door', allow: CORE_ROOMS.map((r) => `core-${r}`) },
            { from: 'intent', allow: ['intent'] },
            { from: 'loading', allow: ['loading'] },
            { from: 'parts', allow: ['parts', 'loading', 'ui', 'data'] },
            { from: 'worker', allow: ['worker', 'loading', 'core-door'] },
            { from: 'data', allow: ['data', 'intent', 'loading', 'worker', 'core-door'] },
            { from: 'print', allow: ['print', 'parts', 'loading', 'worker', 'ui', 'data', 'core-door'] },
            { from: 'devices', allow: ['devices', 'core-door'] },
            { from: 'forms', allow: ['forms', 'parts', 'ui', 'devices', 'core-door'] },
            { from: 'ui', allow: ['ui', ['core-door', {}]], importKind: 'type' },
            // Lengths of time and units are what the words of the interface are made of.
            { from: 'ui', allow: ['ui', 'intent', 'loading', 'core-quantity'] },
            {
              from: 'feature',
              allow: [
                'ui',
                'parts',
                'loading',
                'forms',
                'data',
                'devices',
                'print',
                'core-door',
                ['feature', { feature: '${from.feature}' }],
              ],
            },
            {
              from: 'mix-room',
              allow: [
                'ui',
                'parts',
                'forms',
                'data',
                'devices',
                'print',
                'core-door',
                ['mix-room', { room: '${from.room}' }],
              ],
            },
            // The screens of mixing stand side by side over what a batch is and what is said of it.
            {
              from: [['mix-room', { room: '(list|paste|edit|bench|make|compare)' }]],
              allow: [['mix-room', { room: '(batch|verdict)' }]],
            },
            { from: 'cli', allow: ['cli', 'core-door'] },
            { from: 'app', allow: ['app', 'parts', 'feature', 'mix-room', 'ui', 'data'] },
            { from: 'server', allow: ['server'] },
            { from: 'testing', allow: ['testing', 'data', 'ui', 'core-door'] },
            { from: 'bundle', allow: ['bundle'] },
          ],
        },
      ],
      'react-hooks/rules-of-hooks': 'error',
      'react-hooks/exhaustive-deps': 'error',
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      '@typescript-eslint/switch-exhaustiveness-check': ['error', { considerDefaultExhaustiveForUnions: true }],
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      '@typescript-eslint/no-confusing-void-expression': 'off',
      '@typescript-eslint/prefer-nullish-coalescing': 'off',
      '@typescript-eslint/no-unnecessary-condition': 'off',
      '@typescript-eslint/consistent-type-definitions': 'off',
      '@typescript-eslint/array-type': 'off',
      // Taking a field away from an object by naming it beside the rest.
      '@typescript-eslint/no-unused-vars': ['error', { ignoreRestSiblings: true }],
    },
  },
  {
    // The core is plain: no React, no storage, no network, no clock, no randomness.
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        { patterns: ['react', 'react-*', '@rneui/*', 'expo', 'expo-*', '@tanstack/*', '@react-native*', 'node:*'] },
      ],
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'fetch',
        'localStorage',
        'setTimeout',
        'setInterval',
        'process',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now', message: 'Time comes in as an argument.' },
        { object: 'Math', property: 'random', message: 'Ids come in as arguments.' },
      ],
    },
  },
  {
    // What is fetched later stands on what parts share, which is fetched before it (see loading/shared).
    files: ['src/**/*.{ts,tsx}'],
    ignores: ['**/*.test.*', 'src/core/**'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: 'ImportExpression:not(CallExpression[callee.name=/^(fetchPart|part)$/] ImportExpression)',
          message: 'Hand an import() to fetchPart() of loading/shared, or to part() of parts/part.',
        },
      ],
    },
  },
  {
    // A limit is compared with a grain of tolerance, and its name tells its kind (see quantity/limit).
    files: ['src/core/{mixture,findings,cleaning,shelf-life,evaluation,batch}/**/*.ts'],
    ignores: ['**/*.test.ts', 'src/core/mixture/equilibrium.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        ...['[right.name=/(^|_)(FROM|ABOVE|UP_TO|BELOW)(_|$)/]', '[right.property.name="limit"]'].map((limit) => ({
          selector: `BinaryExpression[operator=/^[<>]=?$/]${limit}`,
          message: 'Compare a limit by exceeds() or isAtLeast() of quantity/limit.',
        })),
      ],
    },
  },
  {
    files: ['**/*.test.ts', '**/*.test.tsx', 'e2e/**/*.ts', 'bench/**/*.ts', 'torture/**/*.ts', 'src/testing/**'],
    rules: {
      // Playwright's fixtures call a function named `use`.
      'react-hooks/rules-of-hooks': 'off',
      'boundaries/element-types': 'off',
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/no-unsafe-assignment': 'off',
      '@typescript-eslint/no-unsafe-member-access': 'off',
      '@typescript-eslint/unbound-method': 'off',
    },
  },
  {
    // The types of SVG shapes inherit a deprecation of x and y that is meant for groups alone.
    files: ['src/ui/**/*.tsx', 'src/features/mix/edit/WhatIfChart.tsx', 'src/print/LabelPreview.tsx'],
    rules: { '@typescript-eslint/no-deprecated': 'off' },
  },
  {
    files: ['**/*.mjs', '**/*.js', '**/*.cjs'],
    extends: [tseslint.configs.disableTypeChecked],
    languageOptions: {
      globals: {
        process: 'readonly',
        module: 'writable',
        require: 'readonly',
        globalThis: 'readonly',
        performance: 'readonly',
        URL: 'readonly',
        __dirname: 'readonly',
        self: 'readonly',
      },
    },
    rules: { '@typescript-eslint/no-require-imports': 'off' },
  },
);
