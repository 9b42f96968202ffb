export interface Tile {
  draw(): string;
}

class StreetTile implements Tile {
  draw(): string {
    return 'street';
  }
}

class SeaTile implements Tile {
  draw(): string {
    return 'sea';
  }
}

export abstract class MapView {
  protected abstract createTile(): Tile;

  render(count: number): string {
    const tiles: string[] = [];
    for (let i = 0; i < count; i++) {
      tiles.push(this.createTile().draw());
    }
    return tiles.join('');
  }
}

export class CityMap extends MapView {
  protected createTile(): Tile {
    return new StreetTile();
  }
}

export class SeaMap extends MapView {
  private readonly tile = new SeaTile();

  protected createTile(): Tile {
    return this.tile;
  }
}
