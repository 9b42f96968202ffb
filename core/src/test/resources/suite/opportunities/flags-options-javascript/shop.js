const { Press } = require('./press');

class Shop {
  leaflet(text) {
    return new Press({ fold: true }).finish(text);
  }

  booklet(text) {
    return new Press({ fold: true, staple: true, trim: true }).finish(text);
  }
}

module.exports = { Shop };
