export interface Cargo {
  kilos(): number;
  label(): string;
}

export class Box implements Cargo {
  constructor(private readonly weight: number) {}
  kilos(): number {
    return this.weight;
  }
  label(): string {
    return 'box';
  }
}

export class Stack implements Cargo {
  readonly parts: Cargo[] = [];
  add(cargo: Cargo): void {
    this.parts.push(cargo);
  }
  kilos(): number {
    return this.parts.reduce((sum, part) => sum + part.kilos(), 0);
  }
  label(): string {
    return this.parts.length > 0 ? this.parts[0].label() : 'empty';
  }
}
