class Settings {
  constructor() {
    this.volume = 5;
    this.language = 'en';
  }

  set(name, value) {
    this[name] = value;
  }

  get(name) {
    return this[name];
  }
}

class LazySettings {
  constructor() {
    this.real = null;
  }

  load() {
    if (this.real === null) {
      this.real = new Settings();
    }
    return this.real;
  }

  set(name, value) {
    this.load().set(name, value);
  }

  get(name) {
    return this.load().get(name);
  }
}

module.exports = { Settings, LazySettings };
