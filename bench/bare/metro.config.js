const { resolve } = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');

const root = resolve(__dirname, '../..');
const config = getDefaultConfig(__dirname);
config.watchFolders = [resolve(root, 'node_modules')];
config.resolver.nodeModulesPaths = [resolve(root, 'node_modules')];
const tslib = require.resolve('tslib/tslib.es6.js');
config.resolver.resolveRequest = (context, name, platform) =>
  name === 'tslib' ? { type: 'sourceFile', filePath: tslib } : context.resolveRequest(context, name, platform);

module.exports = config;
