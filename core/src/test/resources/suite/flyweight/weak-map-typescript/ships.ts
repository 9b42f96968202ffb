import { Flag } from './flags';

export class Ship {
  constructor(readonly name: string, readonly flag: Flag) {}
}

const ships = ['Oria', 'Mota', 'Lira'].map((name, at) => new Ship(name, Flag.of(at < 2 ? 'Aldera' : 'Norvia')));
console.log(ships.map((ship) => ship.flag.pattern).join());
