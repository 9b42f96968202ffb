export interface Scale {
  kilos(): number;
  zero(): void;
}

/** A bridge scale from the old quay that counts in stone. */
export class StoneScale {
  private offset = 0;
  constructor(private readonly read: () => number) {}
  stones(): number { return this.read() - this.offset; }
  setOffset(stones: number): void { this.offset = stones; }
}

export class StoneScaleAsScale implements Scale {
  constructor(private readonly scale: StoneScale) {}
  kilos(): number { return this.scale.stones() * 6.35; }
  zero(): void { this.scale.setOffset(this.scale.stones()); }
}
