class Flag {
  #country;
  #colours;
  constructor(country, colours) {
    this.#country = country;
    this.#colours = colours;
  }
  drawAt(mast, x) {
    return `${mast}@${x}:${this.#country}(${this.#colours.length})`;
  }
}

class FlagLocker {
  constructor() {
    this.flags = new Map();
  }

  flagOf(country) {
    let flag = this.flags.get(country);
    if (!flag) {
      flag = new Flag(country, FlagLocker.coloursOf(country));
      this.flags.set(country, flag);
    }
    return flag;
  }

  static coloursOf(country) {
    return [...country].map((letter) => letter.charCodeAt(0));
  }
}

export class Mast {
  constructor(locker, name) {
    this.locker = locker;
    this.name = name;
  }
  hoist(countries) {
    return countries.map((country, x) => this.locker.flagOf(country).drawAt(this.name, x));
  }
}

export const main = new Mast(new FlagLocker(), 'main');
