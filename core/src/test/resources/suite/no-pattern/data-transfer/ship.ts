export interface ShipData {
  name: string;
  tons: number;
}

export class Ship {
  constructor(private name: string, private tons: number) {}
  load(tons: number): void {
    this.tons += tons;
  }
  toData(): ShipData {
    return { name: this.name, tons: this.tons };
  }
  static fromData(data: ShipData): Ship {
    return new Ship(data.name, data.tons);
  }
}

export class Api {
  async send(ship: Ship): Promise<Ship> {
    const response = await fetch('/ships', { method: 'POST', body: JSON.stringify(ship.toData()) });
    return Ship.fromData((await response.json()) as ShipData);
  }
}
