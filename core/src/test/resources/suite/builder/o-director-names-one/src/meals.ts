export class Meal {
  constructor(readonly courses: string[], readonly drink: string | undefined) {}
}

export interface MealBuilder {
  starter(): void;
  main(): void;
  drink(): void;
  serve(): Meal;
}

export class VeganMeal implements MealBuilder {
  private courses: string[] = [];
  private glass?: string;

  starter(): void { this.courses.push("soup"); }
  main(): void { this.courses.push("stew"); }
  drink(): void { this.glass = "juice"; }
  serve(): Meal { return new Meal([...this.courses], this.glass); }
}

export class ChildMeal implements MealBuilder {
  private courses: string[] = [];

  starter(): void {}
  main(): void { this.courses.push("noodles"); }
  drink(): void {}
  serve(): Meal { return new Meal(this.courses, undefined); }
}
