const { FishCrate, FruitCrate, ToolCrate } = require('./crates');

class LoadingDock {
  constructor() { this.total = 0; }
  receive(kind, label) {
    let crate;
    if (kind === 'fish') {
      crate = new FishCrate(label);
    } else if (kind === 'fruit') {
      crate = new FruitCrate(label);
    } else {
      crate = new ToolCrate(label);
    }
    this.total += crate.volume();
    console.log(`${crate.label} received`);
  }
}
module.exports = LoadingDock;
