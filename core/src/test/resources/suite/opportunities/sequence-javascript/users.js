import { Horn, Pump, Valve } from './yard.js';

export class Master {
  constructor() { this.pump = new Pump(); this.valve = new Valve(); this.horn = new Horn(); this.done = 0; }
  drain() {
    this.horn.blow();
    this.valve.open();
    this.pump.start();
    this.done += 1;
  }
}

export class Deputy {
  constructor(pump, valve, horn) { this.pump = pump; this.valve = valve; this.horn = horn; }
  drainAtNight() {
    this.horn.blow();
    this.valve.open();
    this.pump.start();
  }
}

new Master().drain();
new Deputy(new Pump(), new Valve(), new Horn()).drainAtNight();
