export class Berth {
  constructor(readonly number: number) {}
}

export class ColdBerth extends Berth {
  degrees = -18;
}

export class Ship {
  private place: string | Berth = '';
  private night: ColdBerth | Berth | null = null;
  private either: Berth | Tug | undefined;

  moor(place: Berth): void {
    this.place = place;
  }
}

export class Tug {
  private next: Ship | (() => Ship) | null = null;
}
