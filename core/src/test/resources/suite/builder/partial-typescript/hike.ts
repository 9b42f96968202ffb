export interface Hike {
  readonly name: string;
  readonly metres: number;
  readonly huts: readonly string[];
}

export class HikeBuilder {
  private readonly draft: Partial<{ name: string; metres: number }> = {};
  private readonly huts: string[] = [];

  named(name: string): this {
    this.draft.name = name;
    return this;
  }

  climbing(metres: number): this {
    this.draft.metres = metres;
    return this;
  }

  sleepingAt(...huts: string[]): this {
    this.huts.push(...huts);
    return this;
  }

  build(): Hike {
    const { name, metres = 0 } = this.draft;
    if (name === undefined) throw new Error('a hike needs a name');
    return { name, metres, huts: [...this.huts] };
  }
}
