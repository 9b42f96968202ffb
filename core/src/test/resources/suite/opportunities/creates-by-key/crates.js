class Crate { constructor(label) { this.label = label; } volume() { return 0; } }
class FishCrate extends Crate { volume() { return 40; } }
class FruitCrate extends Crate { volume() { return 55; } }
class ToolCrate extends Crate { volume() { return 20; } }
module.exports = { Crate, FishCrate, FruitCrate, ToolCrate };
