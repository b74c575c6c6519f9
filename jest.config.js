/** The core starts in a second or two in a plain environment; the interface brings React Native along. */
const babel = {
  '^.+\\.[jt]sx?$': ['babel-jest', { configFile: './babel.config.js', caller: { name: 'metro', platform: 'web' } }],
};

module.exports = {
  // A machine at work may be slow; what hangs stays hung.
  testTimeout: 30_000,
  projects: [
    {
      displayName: 'core',
      testEnvironment: 'node',
      roots: ['<rootDir>/src/core', '<rootDir>/src/devices', '<rootDir>/src/print'],
      moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1', '\\.woff2?$': '<rootDir>/src/testing/asset.js' },
      transform: babel,
      transformIgnorePatterns: ['/node_modules/(?!(numeric-quantity|format-quantity|fastest-levenshtein)/)'],
    },
    {
      displayName: 'node',
      testEnvironment: 'node',
      roots: ['<rootDir>/server', '<rootDir>/cli', '<rootDir>/lint'],
      transform: babel,
      transformIgnorePatterns: [
        '/node_modules/(?!(content-disposition|cookie|numeric-quantity|format-quantity|fastest-levenshtein)/)',
      ],
    },
    {
      displayName: 'interface',
      preset: 'jest-expo',
      roots: ['<rootDir>/src/data', '<rootDir>/src/ui', '<rootDir>/src/features'],
      moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1', '\\.woff2?$': '<rootDir>/src/testing/asset.js' },
      setupFiles: ['<rootDir>/src/testing/setup.ts'],
      transformIgnorePatterns: [
        '/node_modules/(?!((jest-)?react-native|@react-native(-community)?|@react-native-async-storage|@react-native-vector-icons|expo(nent)?|@expo(nent)?/.*|expo-router|@expo-google-fonts/.*|react-navigation|@react-navigation/.*|@rneui|react-native-svg|react-native-size-matters|react-native-ratings|uuid|numeric-quantity|format-quantity|fastest-levenshtein))',
      ],
    },
  ],
};
