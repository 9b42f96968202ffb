export abstract class Station {
  private next?: Station;

  before(next: Station): Station {
    this.next = next;
    return next;
  }

  wash(car: string[]): void {
    this.work(car);
    this.next?.wash(car);
  }

  protected abstract work(car: string[]): void;
}

export class Foam extends Station {
  protected work(car: string[]): void {
    car.push('foam');
  }
}

export class Brush extends Station {
  protected work(car: string[]): void {
    car.push('brush');
  }
}

export class Dryer extends Station {
  protected work(car: string[]): void {
    car.push('dry');
  }
}
