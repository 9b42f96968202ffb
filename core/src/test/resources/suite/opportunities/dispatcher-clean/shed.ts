export type Kind = 'net' | 'pot' | 'line';
export interface Gear { catchOf(hours: number): number; }
export class Net implements Gear { catchOf(hours: number) { return hours * 12; } }
export class Pot implements Gear { catchOf(hours: number) { return Math.floor(hours / 4); } }
export class Line implements Gear { catchOf(hours: number) { return hours; } }

const gear: Record<Kind, () => Gear> = {
  net: () => new Net(),
  pot: () => new Pot(),
  line: () => new Line(),
};

export function gearFor(kind: Kind): Gear {
  const make = gear[kind];
  if (!make) throw new Error(`no gear called ${kind}`);
  return make();
}
