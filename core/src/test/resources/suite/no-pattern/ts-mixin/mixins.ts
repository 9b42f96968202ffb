type Constructor<T = object> = new (...args: any[]) => T;

export class Boat {
  constructor(readonly name: string) {}
  describe(): string {
    return this.name;
  }
}

export function Lit<B extends Constructor<Boat>>(Base: B) {
  return class extends Base {
    lit = false;
    describe(): string {
      return `${super.describe()} (${this.lit ? 'lit' : 'dark'})`;
    }
  };
}

export function Insured<B extends Constructor<Boat>>(Base: B) {
  return class extends Base {
    policy = 'none';
    describe(): string {
      return `${super.describe()}, insured by ${this.policy}`;
    }
  };
}

const Ferry = Lit(Insured(Boat));
console.log(new Ferry('Rosa').describe());
