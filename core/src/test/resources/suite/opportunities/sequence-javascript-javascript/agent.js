import { Berths, Pilots, Tide } from './parts.js';

export class Agent {
  bring(ship) {
    const tide = new Tide();
    const berths = new Berths();
    const pilots = new Pilots();
    const hour = tide.next().hour;
    berths.take(ship);
    pilots.send(ship, hour);
  }
}
