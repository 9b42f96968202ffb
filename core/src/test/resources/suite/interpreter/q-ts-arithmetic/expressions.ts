export type Env = ReadonlyMap<string, number>;

export interface Expression {
  evaluate(env: Env): number;
}

export class Literal implements Expression {
  constructor(private readonly value: number) {}
  evaluate(_env: Env): number { return this.value; }
}

export class Variable implements Expression {
  constructor(private readonly name: string) {}
  evaluate(env: Env): number {
    const value = env.get(this.name);
    if (value === undefined) throw new Error(`unknown ${this.name}`);
    return value;
  }
}

export class Sum implements Expression {
  constructor(private readonly parts: Expression[]) {}
  evaluate(env: Env): number {
    return this.parts.reduce((sum, part) => sum + part.evaluate(env), 0);
  }
}

export class Negation implements Expression {
  constructor(private readonly inner: Expression) {}
  evaluate(env: Env): number { return -this.inner.evaluate(env); }
}
