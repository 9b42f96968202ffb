export class Stencil {
  #marks;

  constructor(text, size, marks = []) {
    this.text = text;
    this.size = size;
    this.#marks = [...marks];
  }

  mark(sign) {
    this.#marks.push(sign);
  }

  duplicate() {
    return new Stencil(this.text, this.size, this.#marks);
  }
}
