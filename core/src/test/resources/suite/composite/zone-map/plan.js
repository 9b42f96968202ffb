import { Buoyfield, District, Pier } from './zones.js';

export function describe(zone) {
  return `${zone.name}: ${zone.area()} m2, ${zone.berths()} berths`;
}

const north = new District('north').add(new Pier('P1', 120)).add(new Buoyfield('B'));
const all = new District('Aldera');
all.add(north);
all.add(new Pier('P9', 60));
console.log(describe(all));
