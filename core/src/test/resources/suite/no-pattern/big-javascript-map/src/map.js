import { BuoyLayer, DepthLayer, LayerGroup } from './layers.js';

export class Canvas {
  constructor() { this.calls = []; }
  text(x, y, t) { this.calls.push(['text', x, y, t]); }
  dot(x, y, c) { this.calls.push(['dot', x, y, c]); }
  clear() { this.calls.length = 0; }
}

export class ChartView {
  #layers;
  #zoom = 1;
  #listeners = new Map();

  constructor(canvas, layers) {
    this.canvas = canvas;
    this.#layers = layers;
  }

  on(event, listener) {
    if (!this.#listeners.has(event)) this.#listeners.set(event, new Set());
    this.#listeners.get(event).add(listener);
    return () => this.#listeners.get(event).delete(listener);
  }

  zoom(factor) {
    this.#zoom *= factor;
    this.#emit('zoom', this.#zoom);
    this.redraw();
  }

  redraw() {
    this.canvas.clear();
    this.#layers.draw(this.canvas);
  }

  #emit(event, value) {
    for (const listener of this.#listeners.get(event) ?? []) listener(value);
  }
}

export function openChart(data) {
  const group = new LayerGroup('chart').add(new DepthLayer(data.soundings)).add(new BuoyLayer(data.buoys));
  return new ChartView(new Canvas(), group);
}
