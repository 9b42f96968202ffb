const { LazySettings } = require('./settings');

class Panel {
  constructor(settings) {
    this.settings = settings;
  }

  louder() {
    this.settings.set('volume', this.settings.get('volume') + 1);
  }
}

module.exports.panel = new Panel(new LazySettings());
