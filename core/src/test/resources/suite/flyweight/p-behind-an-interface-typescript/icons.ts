export interface Icon {
  draw(x: number, y: number): string;
}

class BitmapIcon implements Icon {
  constructor(private readonly name: string, private readonly pixels: Uint8Array) {}

  draw(x: number, y: number): string {
    return `${this.name}@${x},${y} ${this.pixels.length}`;
  }
}

export class IconCache {
  private readonly icons = new Map<string, Icon>();

  icon(name: string): Icon {
    let icon = this.icons.get(name);
    if (!icon) {
      icon = new BitmapIcon(name, new Uint8Array(64));
      this.icons.set(name, icon);
    }
    return icon;
  }
}
