export interface Pilot {
  readonly name: string;
  board(ship: string): void;
  fee(hours: number): number;
}

export class CoastPilot implements Pilot {
  private readonly log: string[] = [];

  constructor(readonly name: string) {}

  board(ship: string): void {
    this.log.push(ship);
  }

  fee(hours: number): number {
    return hours * 85;
  }
}

export const NO_PILOT: Pilot = Object.freeze({
  name: '',
  board(_ship: string): void {},
  fee(_hours: number): number {
    return 0;
  },
});
