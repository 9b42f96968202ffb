export interface Hull { material(): string }
export interface Engine { kilowatts(): number }

export class WoodHull implements Hull { material(): string { return 'wood'; } }
export class SteelHull implements Hull { material(): string { return 'steel'; } }
export class PetrolEngine implements Engine { kilowatts(): number { return 60; } }
export class DieselEngine implements Engine { kilowatts(): number { return 240; } }

export interface PartsFactory {
  hull(): Hull;
  engine(): Engine;
}

export class LakeParts implements PartsFactory {
  hull(): Hull { return new WoodHull(); }
  engine(): Engine { return new PetrolEngine(); }
}

export class SeaParts implements PartsFactory {
  hull(): Hull { return new SteelHull(); }
  engine(): Engine { return new DieselEngine(); }
}
