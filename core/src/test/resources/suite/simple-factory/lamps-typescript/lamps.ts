export interface Lamp { shine(): number; }
export class Red implements Lamp { shine(): number { return 1; } }
export class Green implements Lamp { shine(): number { return 2; } }
export class LampFactory {
  create(side: string): Lamp {
    switch (side) {
      case "port": return new Red();
      case "starboard": return new Green();
      default: throw new Error(side);
    }
  }
}
export class Deck {
  constructor(private lamps: LampFactory) {}
  light(): number { return this.lamps.create("port").shine(); }
}
