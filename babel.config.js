module.exports = (api) => {
  api.cache.using(() => process.env.NODE_ENV);
  return {
    presets: ['babel-preset-expo'],
    // Tests run without modules of the platform: what loads later is required later.
    plugins: process.env.NODE_ENV === 'test' ? ['@babel/plugin-transform-dynamic-import'] : [],
  };
};
