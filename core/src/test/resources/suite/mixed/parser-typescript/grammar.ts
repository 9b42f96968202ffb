export interface Rule {
  holds(ship: Ship): boolean;
}

export interface Ship {
  length: number;
  flag: string;
}

class LongerThan implements Rule {
  constructor(private readonly metres: number) {}
  holds(ship: Ship): boolean {
    return ship.length > this.metres;
  }
}

class FliesFlag implements Rule {
  constructor(private readonly flag: string) {}
  holds(ship: Ship): boolean {
    return ship.flag === this.flag;
  }
}

class Both implements Rule {
  constructor(private readonly left: Rule, private readonly right: Rule) {}
  holds(ship: Ship): boolean {
    return this.left.holds(ship) && this.right.holds(ship);
  }
}

class Not implements Rule {
  constructor(private readonly rule: Rule) {}
  holds(ship: Ship): boolean {
    return !this.rule.holds(ship);
  }
}

export function parse(words: string[]): Rule {
  const word = words.shift();
  switch (word) {
    case "not":
      return new Not(parse(words));
    case "both":
      return new Both(parse(words), parse(words));
    case "longer":
      return new LongerThan(Number(words.shift()));
    case "flag":
      return new FliesFlag(words.shift() ?? "");
    default:
      throw new Error("what is " + word);
  }
}
