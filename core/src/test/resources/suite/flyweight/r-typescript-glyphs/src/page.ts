import { Glyph, Glyphs } from './glyphs';

export class Page {
  private readonly placed: { glyph: Glyph; x: number }[] = [];

  constructor(private readonly glyphs: Glyphs) {}

  write(text: string): void {
    let x = 0;
    for (const char of text) {
      const glyph = this.glyphs.get(char, 'serif');
      this.placed.push({ glyph, x });
      x += glyph.width;
    }
  }

  cursor(): string {
    return new Glyph('|', 'none', 1).draw(0, 0);
  }
}
