export class Snapshot {
  constructor(points, colour) { this.points = points; this.colour = colour; }
}
export class Sketch {
  #points = [];
  #colour = 'black';
  #title = '';
  name(title) { this.#title = title; }
  dot(x, y) { this.#points.push([x, y]); }
  ink(colour) { this.#colour = colour; }
  save() { return new Snapshot([...this.#points], this.#colour); }
  restore(snapshot) {
    this.#points = [...snapshot.points];
    this.#colour = snapshot.colour;
  }
  describe() { return `${this.#title}: ${this.#points.length} ${this.#colour}`; }
}
