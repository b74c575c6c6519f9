/** The core's tests of the rooms named in MUTATE_ROOTS, as one project: what mutation testing runs. */
const { projects } = require('../jest.config');
const { displayName: _, ...core } = projects.find((p) => p.displayName === 'core');

module.exports = {
  ...core,
  rootDir: '..',
  testTimeout: 30_000,
  roots: (process.env.MUTATE_ROOTS ?? 'src/core').split(',').map((root) => `<rootDir>/${root}`),
  // For mutants of limits: see limitMutants.mjs.
  ...(process.env.MUTATE_LIMITS
    ? {
        setupFiles: ['<rootDir>/mutation/limitSetup.cjs'],
        transform: {
          '^.+\\.[jt]sx?$': [
            'babel-jest',
            {
              configFile: './babel.config.js',
              caller: { name: 'metro', platform: 'web' },
              plugins: [require.resolve('./limitPlugin.cjs')],
            },
          ],
        },
      }
    : {}),
};
