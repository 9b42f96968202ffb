export class Weigh {
  visitCrate(crate) { return crate.kilos; }
  visitBarrel(barrel) { return barrel.litres * 0.9; }
}
export class Label {
  visitCrate(crate) { return `crate of ${crate.kilos}`; }
  visitBarrel(barrel) { return `barrel of ${barrel.litres}`; }
}
