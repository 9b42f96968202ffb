export type Scope = Map<string, number>;

export interface Expr {
  value(scope: Scope): number;
}

export class Num implements Expr {
  constructor(private readonly n: number) {}
  value(): number {
    return this.n;
  }
}

export class Var implements Expr {
  constructor(private readonly name: string) {}
  value(scope: Scope): number {
    const found = scope.get(this.name);
    if (found === undefined) {
      throw new Error(`unknown ${this.name}`);
    }
    return found;
  }
}

export class Times implements Expr {
  constructor(private readonly left: Expr, private readonly right: Expr) {}
  value(scope: Scope): number {
    return this.left.value(scope) * this.right.value(scope);
  }
}

export class Sum implements Expr {
  constructor(private readonly terms: Expr[]) {}
  value(scope: Scope): number {
    return this.terms.reduce((sum, term) => sum + term.value(scope), 0);
  }
}
