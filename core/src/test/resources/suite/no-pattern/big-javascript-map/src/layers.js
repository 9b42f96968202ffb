export class Layer {
  constructor(name) { this.name = name; this.visible = true; }
  draw(canvas) { throw new Error(`${this.name} cannot draw`); }
  toggle() { this.visible = !this.visible; }
}

export class DepthLayer extends Layer {
  constructor(soundings) { super('depth'); this.soundings = soundings; }
  draw(canvas) { for (const s of this.soundings) canvas.text(s.x, s.y, String(s.metres)); }
}

export class BuoyLayer extends Layer {
  constructor(buoys) { super('buoys'); this.buoys = buoys; }
  draw(canvas) { this.buoys.forEach((b) => canvas.dot(b.x, b.y, b.colour)); }
}

export class LayerGroup extends Layer {
  constructor(name, layers = []) { super(name); this.layers = layers; }
  add(layer) { this.layers.push(layer); return this; }
  draw(canvas) { this.layers.filter((l) => l.visible).forEach((l) => l.draw(canvas)); }
}
