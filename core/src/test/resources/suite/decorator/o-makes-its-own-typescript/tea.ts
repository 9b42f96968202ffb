export interface Drink {
  cents(): number;
  name(): string;
}

export class Tea implements Drink {
  cents(): number {
    return 180;
  }

  name(): string {
    return 'tea';
  }
}

export class WithLemon implements Drink {
  private readonly drink: Drink = new Tea();

  cents(): number {
    return this.drink.cents() + 20;
  }

  name(): string {
    return this.drink.name() + ' with lemon';
  }
}

export class WithHoney implements Drink {
  constructor(private readonly drink: Drink) {}

  cents(): number {
    return this.drink.cents() + 40;
  }

  name(): string {
    return this.drink.name() + ' with honey';
  }
}
