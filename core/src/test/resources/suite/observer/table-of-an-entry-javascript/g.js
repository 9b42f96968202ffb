class Gauge {
  constructor() { this.level = 0; this.told = []; }
  join(one) { this.told.push({ limit: 3, one }); }
  rise(by) { this.level += by; for (const e of this.told) if (this.level > e.limit) e.one(this.level); }
}
class Board { redraw(l) { console.log(l); } }
class Siren { constructor() { this.howl = this.howl.bind(this); } howl(l) { console.log('!'); } }
const g = new Gauge(); const b = new Board(); g.join(l => b.redraw(l)); g.join(new Siren().howl); g.rise(3);
