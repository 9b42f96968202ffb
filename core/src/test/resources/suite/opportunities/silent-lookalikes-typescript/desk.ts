export class Mooring {
  constructor(readonly name: string, readonly metres: number, readonly power = false, readonly water = false) {}

  label(): string {
    return this.power ? `${this.name} (power)` : this.name;
  }
}

export interface Plan {
  places(): Mooring[];
}

export class NorthPlan implements Plan {
  places(): Mooring[] {
    return [new Mooring('N1', 12), new Mooring('N2', 20, true)];
  }
}

export class SouthPlan implements Plan {
  places(): Mooring[] {
    return [new Mooring('S1', 30, true, true)];
  }
}

export class Desk {
  constructor(private readonly plan: Plan) {}

  longest(): Mooring | undefined {
    return [...this.plan.places()].sort((a, b) => b.metres - a.metres)[0];
  }

  describe(kind: 'long' | 'short'): string {
    const mooring = this.longest();
    if (!mooring) {
      return 'none';
    }
    return kind === 'long' ? `${mooring.label()} ${mooring.metres} m` : mooring.label();
  }
}

console.log(new Desk(new NorthPlan()).describe('long'), new Desk(new SouthPlan()).describe('short'));
