import { Dish, Plate, SetMenu } from './dishes';

export class Waiter {
  private open: Dish[] = [];

  take(dish: Dish): void {
    this.open.push(dish);
  }

  bill(): number {
    let sum = 0;
    for (const dish of this.open) {
      sum += dish.price();
    }
    return sum;
  }
}

const waiter = new Waiter();
waiter.take(new SetMenu('lunch').with(new Plate('soup', 400, false)).with(new Plate('roast', 1200, true)));
