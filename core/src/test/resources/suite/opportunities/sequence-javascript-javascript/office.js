import { Berths, Pilots, Tide } from './parts.js';

export class Office {
  arrive(name) {
    const tide = new Tide();
    const berths = new Berths();
    const pilots = new Pilots();
    const at = tide.next().hour;
    berths.take(name);
    pilots.send(name, at);
    return at;
  }
}
