module.exports = '/asset';
