export interface Tower {
  wants(ship: Ship): void;
  left(ship: Ship): void;
}

export abstract class Ship {
  constructor(protected readonly tower: Tower, readonly name: string) {}

  abstract go(): void;
}

export class Ferry extends Ship {
  arrive(): void {
    this.tower.wants(this);
  }

  go(): void {
    console.log(`${this.name} docks`);
  }
}

export class Tanker extends Ship {
  depart(): void {
    this.tower.left(this);
  }

  go(): void {
    console.log(`${this.name} moves`);
  }
}

export class HarbourTower implements Tower {
  private readonly ships: Ship[] = [];
  private busy = false;

  register(ship: Ship): void {
    this.ships.push(ship);
  }

  wants(ship: Ship): void {
    if (!this.busy) {
      this.busy = true;
      ship.go();
    }
  }

  left(ship: Ship): void {
    this.busy = false;
    this.ships.filter((other) => other !== ship).forEach((other) => other.go());
  }
}
