export abstract class Dish {
  constructor(readonly name: string) {}
  abstract price(): number;
  abstract vegetarian(): boolean;
  describe(): string {
    return `${this.name} ${this.price()}`;
  }
}

export class Plate extends Dish {
  constructor(name: string, private readonly cents: number, private readonly meat: boolean) {
    super(name);
  }
  price(): number {
    return this.cents;
  }
  vegetarian(): boolean {
    return !this.meat;
  }
}

export class SetMenu extends Dish {
  private readonly courses: Dish[] = [];

  with(dish: Dish): this {
    this.courses.push(dish);
    return this;
  }
  price(): number {
    return this.courses.reduce((sum, course) => sum + course.price(), 0) * 0.9;
  }
  vegetarian(): boolean {
    return this.courses.every((course) => course.vegetarian());
  }
}
