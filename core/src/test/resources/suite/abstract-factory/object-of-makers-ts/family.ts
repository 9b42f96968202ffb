interface Hook { lift(): string }
interface Rope { pull(): string }

class SteelHook implements Hook { lift() { return 'steel'; } }
class SteelRope implements Rope { pull() { return 'steel rope'; } }
class HempHook implements Hook { lift() { return 'wood'; } }
class HempRope implements Rope { pull() { return 'hemp'; } }

export interface Gear {
  hook(): Hook;
  rope(): Rope;
}

export const steel: Gear = {
  hook: () => new SteelHook(),
  rope: () => new SteelRope(),
};

export const hemp: Gear = {
  hook: () => new HempHook(),
  rope: () => new HempRope(),
};

export class Crane {
  constructor(private readonly gear: Gear) {}

  work(): string {
    return this.gear.hook().lift() + this.gear.rope().pull();
  }
}

new Crane(steel).work();
new Crane(hemp).work();
