export class Crate {
  constructor(kilos) { this.kilos = kilos; }
  accept(v) { return v.visitCrate(this); }
}
export class Barrel {
  constructor(litres) { this.litres = litres; }
  accept(v) { return v.visitBarrel(this); }
}
export class Hold {
  constructor(items) { this.items = items; }
  accept(v) { return this.items.map((item) => item.accept(v)); }
}
