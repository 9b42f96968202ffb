export class Glyph {
  constructor(readonly char: string, readonly font: string, readonly width: number) {}

  draw(x: number, y: number): string {
    return `${this.char}@${x},${y}`;
  }
}

export class Glyphs {
  private readonly known = new Map<string, Glyph>();

  get(char: string, font: string): Glyph {
    const key = `${font}/${char}`;
    let glyph = this.known.get(key);
    if (glyph === undefined) {
      glyph = new Glyph(char, font, char.charCodeAt(0) % 9);
      this.known.set(key, glyph);
    }
    return glyph;
  }
}
