export abstract class Unit {
  constructor(readonly id: string) {}
}
export class Reefer extends Unit {
  degrees = -18;
}
export class Tank extends Unit {
  litres = 24000;
}
export class Flat extends Unit {
  width = 3;
}

export class Yard {
  private units: Unit[] = [];

  add(unit: Unit): void {
    this.units.push(unit);
  }
  power(): number {
    let sum = 0;
    for (const unit of this.units) {
      if (unit instanceof Reefer) sum += 12;
      else if (unit instanceof Tank) sum += 1;
    }
    return sum;
  }
  rows(): number {
    let rows = 0;
    for (const unit of this.units) {
      if (unit instanceof Flat) rows += 2;
      else if (unit instanceof Tank) rows += 1;
    }
    return rows;
  }
}
