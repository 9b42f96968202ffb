export interface Rope { length(): number }
export interface Hook { load(): number }
export class Hemp implements Rope { length() { return 10; } }
export class Nylon implements Rope { length() { return 20; } }
export class Iron implements Hook { load() { return 5; } }
export class Steel implements Hook { load() { return 9; } }
export abstract class Tackle { abstract rope(): Rope; abstract hook(): Steel | Iron; }
export class OldTackle extends Tackle { rope(): Rope { return new Hemp(); } hook(): Iron { return new Iron(); } }
export class NewTackle extends Tackle { rope(): Nylon { return new Nylon(); } hook(): Steel { return new Steel(); } }
export class Rigger {
  private tackle?: Tackle;
  use(tackle: Tackle): void { this.tackle = tackle; }
  rig(): number { return this.tackle!.rope().length() * this.tackle!.hook().load(); }
}
