export class Colour {
  constructor(hex) { this.hex = hex; }
  number() { return parseInt(this.hex, 16); }
}
export class Haze {
  constructor(colour, from, to) { this.colour = colour; this.from = from; this.to = to; }
  toData() { return { kind: "haze", colour: this.colour.number(), from: this.from, to: this.to }; }
}
export class Bank {
  constructor(colour, depth) { this.colour = colour; this.depth = depth; }
  toData() { return { kind: "bank", colour: this.colour.number(), depth: this.depth }; }
}
export class View {
  constructor(fog) { this.fog = fog; }
  save() { return this.fog.toData(); }
}
console.log(new View(new Haze(new Colour("ff"), 1, 2)).save(), new View(new Bank(new Colour("aa"), 3)).save());
