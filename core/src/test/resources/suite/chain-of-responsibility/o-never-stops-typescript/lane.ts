import { Brush, Dryer, Foam, Station } from './wash';

export class Lane {
  private readonly first: Station = new Foam();

  constructor() {
    this.first.before(new Brush()).before(new Dryer());
  }

  drive(car: string[]): void {
    this.first.wash(car);
  }
}
