export class BuoyStyle {
  public colour: string;
  constructor(public readonly name: string, colour: string) { this.colour = colour; }
  repaint(colour: string): void { this.colour = colour; }
}
export class StyleShelf {
  private readonly styles = new Map<string, BuoyStyle>();
  style(name: string, colour: string): BuoyStyle {
    let style = this.styles.get(name);
    if (style === undefined) {
      style = new BuoyStyle(name, colour);
      this.styles.set(name, style);
    }
    return style;
  }
}
export class Buoy { constructor(readonly x: number, readonly style: BuoyStyle) {} }
export class Sea {
  private buoys: Buoy[] = [];
  constructor(private shelf: StyleShelf) {}
  drop(x: number): void { this.buoys.push(new Buoy(x, this.shelf.style('lateral', 'red'))); }
  special(x: number): void { this.buoys.push(new Buoy(x, new BuoyStyle('one-off', 'pink'))); }
}
