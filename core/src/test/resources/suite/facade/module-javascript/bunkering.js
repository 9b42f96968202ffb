import { Pump } from './pumps.js';
import { Valve } from './valves.js';
import { Meter } from './meter.js';

export class Bunkering {
  #pump = new Pump();
  #valve = new Valve();
  #meter = new Meter();

  fill(litres) {
    this.#meter.reset();
    this.#valve.open();
    this.#pump.start();
    while (this.#meter.read() < litres);
    this.#pump.stop();
    this.#valve.shut();
  }
}
