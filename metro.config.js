const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);
// The type families of printed labels; those of the screen are in public/fonts.
config.resolver.assetExts.push('woff');
// tslib's own door for bundlers hands on a default that is not there once Metro has read it.
const tslib = require.resolve('tslib/tslib.es6.js');
config.resolver.resolveRequest = (context, name, platform) => {
  if (name === 'tslib') return { type: 'sourceFile', filePath: tslib };
  // React Native Elements knows a dozen families of icons; none is drawn here.
  if (name.startsWith('@react-native-vector-icons/')) return { type: 'empty' };
  return context.resolveRequest(context, name, platform);
};

module.exports = config;
