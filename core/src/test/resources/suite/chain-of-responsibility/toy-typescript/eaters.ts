interface Eater {
  setNext(eater: Eater): Eater;
  eat(food: string): string;
}

abstract class BaseEater implements Eater {
  private next: Eater;

  public setNext(eater: Eater): Eater {
    this.next = eater;
    return eater;
  }

  public eat(food: string): string {
    if (this.next) {
      return this.next.eat(food);
    }
    return null;
  }
}

class Ape extends BaseEater {
  public eat(food: string): string {
    if (food === 'banana') {
      return `ape: ${food}`;
    }
    return super.eat(food);
  }
}

class Dog extends BaseEater {
  public eat(food: string): string {
    if (food === 'meat') {
      return `dog: ${food}`;
    }
    return super.eat(food);
  }
}

const ape = new Ape();
ape.setNext(new Dog());
for (const food of ['meat', 'coffee']) {
  console.log(ape.eat(food) ?? 'left');
}
