import { Box, Pen } from './tools.js';
import { drawBox, drawPath } from './draw.js';

const PAINTERS = { path: drawPath, box: drawBox };

export class Editor {
  #shapes = [];
  #tools = { pen: new Pen(this), box: new Box(this) };
  #tool = this.#tools.pen;

  constructor(canvas) {
    this.context = canvas.getContext('2d');
    for (const [event, name] of [['pointerdown', 'down'], ['pointermove', 'move'], ['pointerup', 'up']]) {
      canvas.addEventListener(event, e => this.#tool[name]({ x: e.offsetX, y: e.offsetY }));
    }
  }

  choose(name) { this.#tool = this.#tools[name] ?? this.#tool; }

  add(shape) {
    this.#shapes.push(shape);
    this.draw();
  }

  draw() {
    this.context.clearRect(0, 0, this.context.canvas.width, this.context.canvas.height);
    for (const shape of this.#shapes) PAINTERS[shape.kind](this.context, shape);
  }

  toJSON() { return { shapes: this.#shapes }; }
}
