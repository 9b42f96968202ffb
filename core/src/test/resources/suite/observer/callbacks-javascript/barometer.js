export class Barometer {
  constructor() { this.handlers = []; this.value = 0; }
  onChange(handler) { this.handlers.push(handler); }
  set(value) {
    this.value = value;
    this.handlers.forEach(handler => handler(value));
  }
}
export class Display {
  constructor(barometer) {
    this.shown = 0;
    barometer.onChange(value => { this.shown = value; });
  }
}
new Display(new Barometer());
