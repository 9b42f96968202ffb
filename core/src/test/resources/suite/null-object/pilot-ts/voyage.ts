import { CoastPilot, NO_PILOT, Pilot } from './pilot';

export class Voyage {
  private pilot: Pilot = NO_PILOT;

  constructor(private readonly ship: string) {}

  hire(pilot: Pilot): void {
    this.pilot = pilot;
  }

  start(): number {
    this.pilot.board(this.ship);
    return this.pilot.fee(3);
  }
}

const voyage = new Voyage('Marisol');
voyage.hire(new CoastPilot('Ines'));
voyage.start();
