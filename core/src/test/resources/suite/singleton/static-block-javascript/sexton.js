const { Bells } = require('./bells');

exports.noon = () => {
  for (let i = 0; i < 12; i++) Bells.ring().pull();
};
