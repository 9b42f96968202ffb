import { Greenhouse } from './greenhouse';

export class Fan {
  private speed = 0;

  constructor(house: Greenhouse) {
    house.addEventListener('humid', (event) => this.adjust((event as CustomEvent).detail));
  }

  private adjust(humidity: number): void {
    this.speed = humidity > 70 ? 3 : 0;
  }
}

export class Diary {
  private lines: string[] = [];

  follow(house: Greenhouse): void {
    house.addEventListener('humid', () => this.lines.push('watered'));
  }
}
