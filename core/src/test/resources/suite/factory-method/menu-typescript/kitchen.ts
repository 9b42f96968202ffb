export interface Dish { price(): number; }
export class Fish implements Dish { price(): number { return 12; } }
export class Bowl implements Dish { price(): number { return 9; } }
export abstract class Kitchen {
  bill(): number { return this.cook().price() + 1; }
  protected abstract cook(): Dish;
}
export class FishKitchen extends Kitchen { protected cook(): Dish { return new Fish(); } }
export class VeganKitchen extends Kitchen { protected cook(): Dish { return new Bowl(); } }
