export class Deck {
  constructor() { this.name = ""; this.parts = []; }
  clone(deep) { return new this.constructor().copy(this, deep); }
  copy(other, deep = true) {
    this.name = other.name;
    if (deep === true) {
      for (const part of other.parts) this.parts.push(part.clone());
    }
    return this;
  }
}
export class Bridge extends Deck {
  constructor() { super(); this.height = 0; }
  copy(other, deep) {
    super.copy(other, deep);
    this.height = other.height;
    return this;
  }
}
