type Listener = (level: number) => void;

export class Gauge {
  private listeners: Listener[] = [];

  subscribe(listener: Listener): void {
    this.listeners.push(listener);
  }

  read(level: number): void {
    this.listeners.forEach((listener) => listener(level));
  }
}

export class Board {
  private text = "";

  constructor(gauge: Gauge) {
    gauge.subscribe(this.show.bind(this));
  }

  private show(level: number): void {
    this.text = `tide ${level}`;
  }
}

export class Siren {
  private on = false;

  constructor(gauge: Gauge) {
    this.sound = this.sound.bind(this);
    gauge.subscribe(this.sound);
  }

  sound(level: number): void {
    this.on = level > 400;
  }
}
