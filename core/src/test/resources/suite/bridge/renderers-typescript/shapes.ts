export interface Surface {
  line(x1: number, y1: number, x2: number, y2: number): void;
  text(x: number, y: number, value: string): void;
}

export class SvgSurface implements Surface {
  readonly parts: string[] = [];

  line(x1: number, y1: number, x2: number, y2: number): void {
    this.parts.push(`<path d="M${x1} ${y1}L${x2} ${y2}"/>`);
  }

  text(x: number, y: number, value: string): void {
    this.parts.push(`<text x="${x}" y="${y}">${value}</text>`);
  }
}

export class PlotterSurface implements Surface {
  private pen = false;

  line(x1: number, y1: number, x2: number, y2: number): void {
    this.pen = true;
    console.log('PD', x1, y1, x2, y2, this.pen);
  }

  text(x: number, y: number, value: string): void {
    console.log('LB', x, y, value);
  }
}

export abstract class Sign {
  constructor(protected readonly surface: Surface) {}
  abstract draw(): void;
}

export class BuoySign extends Sign {
  constructor(surface: Surface, private readonly colour: string) {
    super(surface);
  }

  draw(): void {
    this.surface.line(0, 0, 0, 10);
    this.surface.text(2, 8, this.colour);
  }
}

export class BerthSign extends Sign {
  constructor(surface: Surface, private readonly number: number) {
    super(surface);
  }

  draw(): void {
    this.surface.line(0, 0, 20, 0);
    this.surface.line(20, 0, 20, 10);
    this.surface.text(4, 4, String(this.number));
  }
}
