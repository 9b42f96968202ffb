class Beam { constructor() { this.on = false; this.turns = 0; } turn() { this.turns += 1; } }
class Controller {
  constructor() { this.beam = null; this.name = ''; this.speed = 0; }
  getBeam() {
    if (this.beam === null) { this.beam = new Beam(); this.beam.on = true; }
    return this.beam;
  }
  named(name) { this.name = name; return this; }
  atSpeed(speed) { this.speed = speed; return this; }
}
class Lighthouse {
  start() { const controller = new Controller().named('north').atSpeed(3); controller.getBeam().turn(); return controller; }
}
new Lighthouse().start();
