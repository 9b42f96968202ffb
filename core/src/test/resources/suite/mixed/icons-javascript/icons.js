class Icon {
  constructor(name, pixels) {
    this.name = name;
    this.pixels = pixels;
  }

  draw(x, y) {
    return `${this.name}(${x},${y}) ${this.pixels.length}`;
  }
}

export class IconShelf {
  #icons = new Map();

  get(name) {
    let icon = this.#icons.get(name);
    if (!icon) {
      icon = new Icon(name, new Array(64).fill(0));
      this.#icons.set(name, icon);
    }
    return icon;
  }

  get size() {
    return this.#icons.size;
  }
}
