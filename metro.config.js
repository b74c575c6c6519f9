const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);
// The type families ship as woff2, the web's own font format.
config.resolver.assetExts.push('woff2');
module.exports = config;
