import { ChildMeal, Meal, MealBuilder } from "./meals";

export class Kitchen {
  constructor(private readonly builder: MealBuilder) {}

  cook(): Meal {
    this.builder.starter();
    this.builder.main();
    if (!(this.builder instanceof ChildMeal)) this.builder.drink();
    return this.builder.serve();
  }
}
