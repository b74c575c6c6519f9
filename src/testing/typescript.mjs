import { createRequire } from 'node:module';
import { register as inRequire } from 'tsx/cjs/api';
import { register as inImport } from 'tsx/esm/api';

/** The core's tests run in Node itself, without Jest's own loading of every file for every test. */
inRequire();
inImport();

const require = createRequire(import.meta.url);
for (const font of ['.woff', '.woff2'])
  require.extensions[font] = (module) => {
    module.exports = require('./asset.js');
  };
