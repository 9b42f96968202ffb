export class Temperature {
  static #inside = false;
  #kelvin;

  constructor(kelvin) {
    if (!Temperature.#inside) throw new TypeError("use Temperature.celsius or Temperature.fahrenheit");
    this.#kelvin = kelvin;
  }

  static #make(kelvin) {
    Temperature.#inside = true;
    try {
      return new Temperature(kelvin);
    } finally {
      Temperature.#inside = false;
    }
  }

  static celsius(degrees) {
    return Temperature.#make(degrees + 273.15);
  }

  static fahrenheit(degrees) {
    return Temperature.#make((degrees + 459.67) * 5 / 9);
  }

  toString() {
    return `${this.#kelvin.toFixed(1)} K`;
  }
}
