export class SignalLamp extends EventTarget {
  #colour = 'red';

  set(colour) {
    this.#colour = colour;
    this.dispatchEvent(new CustomEvent('changed', { detail: colour }));
  }

  get colour() {
    return this.#colour;
  }
}
