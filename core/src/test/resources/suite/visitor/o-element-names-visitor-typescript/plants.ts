export interface Gardener {
  visitRose(rose: Rose): void;
  visitOak(oak: Oak): void;
}

export interface Plant {
  accept(gardener: Gardener): void;
}

export class Rose implements Plant {
  thorns = 12;

  accept(gardener: Gardener): void {
    gardener.visitRose(this);
  }
}

export class Oak implements Plant {
  height = 9;

  accept(gardener: Gardener): void {
    if (gardener instanceof Pruner && this.height < 3) {
      return;
    }
    gardener.visitOak(this);
  }
}

export class Pruner implements Gardener {
  cut = 0;

  visitRose(rose: Rose): void {
    this.cut += rose.thorns;
  }

  visitOak(oak: Oak): void {
    this.cut += oak.height > 8 ? 1 : 0;
  }
}

export class Waterer implements Gardener {
  litres = 0;

  visitRose(): void {
    this.litres += 1;
  }

  visitOak(oak: Oak): void {
    this.litres += oak.height;
  }
}

export class Park {
  private readonly plants: Plant[] = [new Rose(), new Oak()];

  tend(gardener: Gardener): void {
    for (const plant of this.plants) {
      plant.accept(gardener);
    }
  }
}
