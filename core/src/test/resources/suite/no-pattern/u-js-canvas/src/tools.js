export class Tool {
  constructor(editor) { this.editor = editor; }
  down(point) {}
  move(point) {}
  up(point) {}
}

export class Pen extends Tool {
  #path = null;
  down(point) { this.#path = [point]; }
  move(point) { this.#path?.push(point); }
  up(point) {
    this.#path.push(point);
    this.editor.add({ kind: 'path', points: this.#path });
    this.#path = null;
  }
}

export class Box extends Tool {
  #from = null;
  down(point) { this.#from = point; }
  up(point) { this.editor.add({ kind: 'box', from: this.#from, to: point }); }
}
