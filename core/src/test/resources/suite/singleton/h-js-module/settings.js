class Settings {
  constructor() {
    this.values = {};
  }
  set(key, value) {
    this.values[key] = value;
  }
  get(key) {
    return this.values[key];
  }
}

let instance;

export function settings() {
  if (!instance) {
    instance = new Settings();
  }
  return instance;
}

export function freshSettings() {
  return new Settings();
}
