class Seed {
  #name;
  #days;

  constructor(name, days) {
    this.#name = name;
    this.#days = days;
    Object.freeze(this);
  }

  sow(row) {
    return `${this.#name} in row ${row}, ${this.#days} days`;
  }
}

const seeds = new Map();

function seed(name, days) {
  if (!seeds.has(name)) {
    seeds.set(name, new Seed(name, days));
  }
  return seeds.get(name);
}

module.exports = { seed };
