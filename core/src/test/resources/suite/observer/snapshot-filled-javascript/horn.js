class Horn {
  #hearers = [];
  #blownFor = 0;
  add(hearer) { this.#hearers.push(hearer); }
  leave(hearer) { this.#hearers.splice(this.#hearers.indexOf(hearer), 1); }
  blow(seconds) {
    this.#blownFor += seconds;
    const now = [];
    for (const hearer of this.#hearers) now.push(hearer);
    for (const hearer of now) hearer.blown(this.#blownFor);
  }
}
class Pilot { constructor() { this.heard = 0; } blown(seconds) { this.heard += seconds; } }
class Keeper { constructor() { this.last = 0; } blown(seconds) { this.last = seconds; } }
const horn = new Horn();
horn.add(new Pilot());
horn.add(new Keeper());
horn.blow(3);
