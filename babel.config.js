module.exports = (api) => {
  api.cache(true);
  return {
    presets: ['babel-preset-expo'],
    // Tests run without modules of the platform: what loads later is required later.
    env: { test: { plugins: ['@babel/plugin-transform-dynamic-import'] } },
  };
};
