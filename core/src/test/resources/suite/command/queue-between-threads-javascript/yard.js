class Crane { constructor() { this.n = 0; } lift() { this.n++; } rest() { this.n = 0; } }
class Lift { constructor(c) { this.c = c; } async run() { this.c.lift(); } }
class Rest { constructor(c) { this.c = c; } async run() { this.c.rest(); } }
class Yard {
  #jobs = []; #busy = false;
  post(j) { this.#jobs.push(j); queueMicrotask(() => this.#work()); }
  async #work() {
    if (this.#busy) return;
    this.#busy = true;
    try { for (let j; (j = this.#jobs.shift()); ) await j.run(); } finally { this.#busy = false; }
  }
}
const y = new Yard(), c = new Crane();
y.post(new Lift(c)); y.post(new Rest(c));
