const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);
// The type families ship as woff2, the web's own font format, and as woff for the labels that are printed.
config.resolver.assetExts.push('woff2', 'woff');
// tslib's own door for bundlers hands on a default that is not there once Metro has read it.
const tslib = require.resolve('tslib/tslib.es6.js');
config.resolver.resolveRequest = (context, name, platform) =>
  name === 'tslib' ? { type: 'sourceFile', filePath: tslib } : context.resolveRequest(context, name, platform);

module.exports = config;
