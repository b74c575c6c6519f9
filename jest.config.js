/** The interface brings React Native along; everything else runs in Node itself. */
const OURS = { '^@/(.*)$': '<rootDir>/src/$1', '\\.woff2?$': '<rootDir>/src/testing/asset.js' };

/** Jest's own loading of every file for every test would take most of the time; coverage needs it. */
const isCounted = process.argv.some((arg) => arg.startsWith('--coverage'));
const plain = isCounted
  ? {
      transform: {
        '^.+\\.[jt]sx?$': [
          'babel-jest',
          { configFile: './babel.config.js', caller: { name: 'metro', platform: 'web' } },
        ],
      },
      transformIgnorePatterns: [
        '/node_modules/(?!(content-disposition|cookie|numeric-quantity|format-quantity|fastest-levenshtein)/)',
      ],
    }
  : { runner: 'jest-light-runner', setupFiles: ['<rootDir>/src/testing/typescript.mjs'], transform: {} };

module.exports = {
  // A machine at work may be slow; what hangs stays hung.
  testTimeout: 30_000,
  maxWorkers: '100%',
  collectCoverageFrom: [
    'src/**/*.{ts,tsx}',
    'cli/**/*.ts',
    'server/**/*.ts',
    '!src/testing/**',
    '!**/*.test.*',
    '!**/*.d.ts',
  ],
  coverageReporters: ['text-summary', 'html'],
  projects: [
    {
      displayName: 'core',
      testEnvironment: 'node',
      roots: ['<rootDir>/src'],
      testMatch: ['**/*.test.ts'],
      moduleNameMapper: OURS,
      ...plain,
    },
    {
      displayName: 'node',
      testEnvironment: 'node',
      roots: ['<rootDir>/server', '<rootDir>/bundle', '<rootDir>/cli', '<rootDir>/lint'],
      moduleNameMapper: OURS,
      ...plain,
    },
    {
      displayName: 'interface',
      preset: 'jest-expo',
      roots: ['<rootDir>/src'],
      testMatch: ['**/*.test.tsx'],
      moduleNameMapper: OURS,
      setupFiles: ['<rootDir>/src/testing/setup.ts'],
      setupFilesAfterEnv: ['<rootDir>/src/testing/patience.ts'],
      transformIgnorePatterns: [
        '/node_modules/(?!((jest-)?react-native|@react-native(-community)?|@react-native-async-storage|@react-native-vector-icons|expo(nent)?|@expo(nent)?/.*|expo-router|@expo-google-fonts/.*|react-navigation|@react-navigation/.*|@rneui|react-native-svg|react-native-size-matters|react-native-ratings|uuid|country-to-currency|numeric-quantity|format-quantity|fastest-levenshtein))',
      ],
    },
  ],
};
