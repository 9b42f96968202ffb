export class TideBus {
  constructor() { this.listeners = []; this.level = 0; }
  on(listener) { this.listeners.push(listener); }
  off(listener) { this.listeners.splice(this.listeners.indexOf(listener), 1); }
  set(level) {
    this.level = level;
    for (const listener of this.listeners) listener.changed(level);
  }
  calm() { this.level = 0; }
}
export class Siren { changed(level) { this.on = level > 4; } }
export class Board { constructor() { this.text = ''; } changed(level) { this.text = `${level} m`; } }
export class Poster { changed() {} }
const bus = new TideBus();
bus.on(new Siren()); bus.on(new Board()); bus.on(new Poster());
bus.set(5);
