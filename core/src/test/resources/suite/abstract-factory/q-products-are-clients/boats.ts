import { Engine, Hull, PartsFactory } from './parts';

export abstract class Boat {
  protected hull?: Hull;
  protected engine?: Engine;

  abstract assemble(): void;

  describe(): string {
    return `${this.hull?.material() ?? 'no'} hull, ${this.engine?.kilowatts() ?? 0} kW`;
  }
}

export class Launch extends Boat {
  constructor(private readonly parts: PartsFactory) {
    super();
  }

  assemble(): void {
    this.hull = this.parts.hull();
    this.engine = this.parts.engine();
  }
}

export class Barge extends Boat {
  constructor(private readonly parts: PartsFactory) {
    super();
  }

  assemble(): void {
    this.hull = this.parts.hull();
  }
}
