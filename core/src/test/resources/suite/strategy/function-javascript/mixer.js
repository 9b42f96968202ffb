export class Mixer {
  #blend;
  constructor(blend) { this.#blend = blend; }
  use(blend) { this.#blend = blend; }
  mix(a, b) { return this.#blend(a, b) + 1; }
}
export function kitchen() {
  const mixer = new Mixer((a, b) => a + b);
  mixer.use((a, b) => a * b);
  return mixer.mix(2, 3);
}
