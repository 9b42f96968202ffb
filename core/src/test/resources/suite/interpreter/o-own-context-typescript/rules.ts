export type Facts = Map<string, number>;

export interface Rule {
  holds(facts: Facts): boolean;
}

export class Above implements Rule {
  constructor(private readonly name: string, private readonly limit: number) {}

  holds(facts: Facts): boolean {
    return (facts.get(this.name) ?? 0) > this.limit;
  }
}

export class All implements Rule {
  constructor(private readonly rules: Rule[]) {}

  holds(facts: Facts): boolean {
    return this.rules.every((rule) => rule.holds(facts));
  }
}

export class Never implements Rule {
  constructor(private readonly rule: Rule) {}

  holds(_facts: Facts): boolean {
    return !this.rule.holds(new Map());
  }
}
