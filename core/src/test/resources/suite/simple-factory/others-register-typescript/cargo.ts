export interface Cargo {
  fee(): number;
}

export class Grain implements Cargo {
  fee() {
    return 3;
  }
}

export class Timber implements Cargo {
  fee() {
    return 5;
  }
}

export class Register {
  private readonly kinds: Record<string, new () => Cargo> = {};

  enter(name: string, kind: new () => Cargo): void {
    this.kinds[name] = kind;
  }

  make(name: string): Cargo {
    const Kind = this.kinds[name];
    if (!Kind) throw new Error(name);
    return new Kind();
  }
}
