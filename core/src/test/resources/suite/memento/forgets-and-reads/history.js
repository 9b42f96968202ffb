export class History {
  constructor(sketch) { this.sketch = sketch; this.snapshots = []; }
  keep() { this.snapshots.push(this.sketch.save()); }
  undo() { if (this.snapshots.length) this.sketch.restore(this.snapshots.pop()); }
  sizes() { return this.snapshots.map((s) => s.points.length); }
}
