import { sailFor, Wind } from './sails';

export class Crew {
  hoist(knots: number): number {
    return sailFor(knots < 10 ? Wind.Light : knots < 25 ? Wind.Fresh : Wind.Gale).area();
  }
}
