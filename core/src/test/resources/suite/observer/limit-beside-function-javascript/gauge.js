class Gauge {
  #told = [];
  #level = 0;
  join(limit, who) { this.#told.push([limit, who]); }
  rise(by) {
    this.#level += by;
    for (const [limit, who] of this.#told) if (this.#level > limit) who(this.#level);
  }
}
class Siren { alarm(level) { console.log(level); } }
const gauge = new Gauge();
const siren = new Siren();
gauge.join(3, level => siren.alarm(level));
gauge.join(4, level => console.log(level));
gauge.rise(5);
