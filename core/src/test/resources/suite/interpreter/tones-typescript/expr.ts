export class Env { constructor(private values: Record<string, number>) {} get(name: string): number { return this.values[name]; } }
export interface Expr { evaluate(env: Env): number; }
export class Num implements Expr { constructor(private n: number) {} evaluate(env: Env): number { return this.n; } }
export class Var implements Expr { constructor(private name: string) {} evaluate(env: Env): number { return env.get(this.name); } }
export class Add implements Expr {
  constructor(private a: Expr, private b: Expr) {}
  evaluate(env: Env): number { return this.a.evaluate(env) + this.b.evaluate(env); }
}
export class Mul implements Expr {
  constructor(private a: Expr, private b: Expr) {}
  evaluate(env: Env): number { return this.a.evaluate(env) * this.b.evaluate(env); }
}
export class Sheet {
  cell(expr: Expr): number { return expr.evaluate(new Env({ tide: 4 })); }
}
