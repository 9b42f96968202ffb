export interface Pass {
  ready(station: Station, dish: string): void;
}

export abstract class Station {
  constructor(protected readonly pass: Pass, readonly name: string) {}

  abstract cook(dish: string): void;
}

export class Grill extends Station {
  cook(dish: string): void {
    console.log(`grilling ${dish}`);
    this.pass.ready(this, dish);
  }
}

export class Salads extends Station {
  private tossed = 0;

  cook(dish: string): void {
    this.tossed++;
    this.pass.ready(this, dish);
  }

  plate(): string {
    return `bowl ${this.tossed}`;
  }
}

export class Waiter {
  private carrying: string[] = [];

  constructor(private readonly pass: HeadChef) {}

  order(dish: string): void {
    this.pass.order(dish, this);
  }

  take(dish: string): void {
    this.carrying.push(dish);
  }
}

export class HeadChef implements Pass {
  private readonly stations: Station[] = [];
  private readonly waiting = new Map<string, Waiter>();

  hire(station: Station): void {
    this.stations.push(station);
  }

  order(dish: string, by: Waiter): void {
    this.waiting.set(dish, by);
    const station = this.stations.find((one) => dish.startsWith(one.name)) ?? this.stations[0];
    station.cook(dish);
  }

  ready(station: Station, dish: string): void {
    const waiter = this.waiting.get(dish);
    if (waiter) {
      waiter.take(dish);
      this.waiting.delete(dish);
    }
  }
}
