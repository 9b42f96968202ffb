import { Animal, Cow, Hen } from './animals';

export class Farm {
  private animals: Animal[] = [];

  take(animal: Animal): void {
    this.animals.push(animal);
  }

  feed(animal: Animal): number {
    if (animal instanceof Cow) {
      return 25;
    }
    if (animal instanceof Hen) {
      return 0.2;
    }
    return 1;
  }

  yields(animal: Animal): number {
    if (animal instanceof Cow) {
      return animal.milk;
    } else if (animal instanceof Hen) {
      return animal.eggs;
    }
    return 0;
  }
}
