export class Manifest {
  constructor(readonly ship: string, readonly lines: readonly string[], readonly sealed: boolean) {}
}

export class ManifestBuilder {
  private ship = '';
  private lines: string[] = [];
  private sealed = false;

  forShip(ship: string): this {
    this.ship = ship;
    return this;
  }

  line(text: string): this {
    this.lines.push(text);
    return this;
  }

  seal(): this {
    this.sealed = true;
    return this;
  }

  build(): Manifest {
    if (!this.ship) {
      throw new Error('a manifest names its ship');
    }
    return new Manifest(this.ship, [...this.lines], this.sealed);
  }
}
