export interface Hike {
  readonly name: string;
  readonly metres: number;
  readonly huts: readonly string[];
}

export class HikePlan {
  private readonly draft: Partial<{ name: string; metres: number }> = {};
  private readonly huts: string[] = [];

  named(name: string): this {
    console.debug('named', name);
    this.draft.name = name;
    return this;
  }

  climbing(metres: number): this {
    console.debug('climbing', metres);
    this.draft.metres = metres;
    return this;
  }

  sleepingAt(hut: string): this {
    this.huts.push(hut);
    return this;
  }

  plan(): Hike {
    const { name, metres = 0 } = this.draft;
    if (name === undefined) {
      throw new Error('a hike needs a name');
    }
    return { name, metres, huts: [...this.huts] };
  }
}
