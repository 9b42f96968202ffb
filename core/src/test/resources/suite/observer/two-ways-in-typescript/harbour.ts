export interface ShipListener {
  moved(ship: string): void;
}

export class HarbourGate {
  private readonly listeners: ShipListener[] = [];

  onArrival(listener: ShipListener): void {
    this.enlist(listener);
  }

  onDeparture(listener: ShipListener): void {
    this.enlist(listener);
  }

  off(listener: ShipListener): void {
    const at = this.listeners.indexOf(listener);
    if (at >= 0) {
      this.listeners.splice(at, 1);
    }
  }

  arrive(ship: string): void {
    this.tell(ship);
  }

  depart(ship: string): void {
    this.tell(ship);
  }

  private enlist(listener: ShipListener): void {
    if (!this.listeners.includes(listener)) {
      this.listeners.push(listener);
    }
  }

  private tell(ship: string): void {
    for (const listener of this.listeners) {
      listener.moved(ship);
    }
  }
}

export class GateBook implements ShipListener {
  private lines: string[] = [];

  moved(ship: string): void {
    this.lines.push(ship);
  }
}

export class GateLamp implements ShipListener {
  private lit = false;

  moved(ship: string): void {
    this.lit = ship.length > 0;
  }
}
