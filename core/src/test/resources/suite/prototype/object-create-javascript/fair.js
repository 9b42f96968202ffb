const lantern = require('./lantern');

exports.row = (count) =>
  Array.from({ length: count }, (_, i) => {
    const copy = lantern.clone();
    copy.candles = i + 1;
    return copy;
  });
