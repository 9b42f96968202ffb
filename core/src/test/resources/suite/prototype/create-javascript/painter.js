const { FlatBrush } = require('./brush');

class Painter {
  constructor() {
    this.model = new FlatBrush(4, 'blue', 30);
  }

  next() {
    return this.model.clone();
  }
}

module.exports = { Painter };
