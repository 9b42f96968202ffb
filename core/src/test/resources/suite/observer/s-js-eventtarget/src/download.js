export class Download extends EventTarget {
  #received = 0;

  constructor(url) {
    super();
    this.url = url;
  }

  get received() { return this.#received; }

  chunk(bytes) {
    this.#received += bytes.length;
    this.dispatchEvent(new CustomEvent('progress', { detail: this.#received }));
  }

  finish() {
    this.dispatchEvent(new Event('done'));
  }
}
