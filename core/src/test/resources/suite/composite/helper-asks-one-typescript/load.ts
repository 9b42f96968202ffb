export abstract class Load {
  abstract weight(): number;
}

export class Crate extends Load {
  constructor(private readonly kilos: number) {
    super();
  }
  weight(): number {
    return this.kilos;
  }
}

export class Barrel extends Load {
  weight(): number {
    return 200;
  }
}

function weigh(load: Load): number {
  return Math.max(0, load.weight());
}

export class Pallet extends Load {
  private readonly loads: Load[] = [];

  add(load: Load): void {
    this.loads.push(load);
  }

  weight(): number {
    let sum = 0;
    for (const load of this.loads) {
      sum += weigh(load);
    }
    return sum;
  }
}
