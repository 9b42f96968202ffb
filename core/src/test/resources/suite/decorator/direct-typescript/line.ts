interface Line { text(): string; }
class Plain implements Line { constructor(private words: string) {} text(): string { return this.words; } }
class Upper implements Line {
  constructor(private readonly line: Line) {}
  text(): string { return this.line.text().toUpperCase(); }
}
class Framed implements Line {
  constructor(private readonly line: Line) {}
  text(): string { return "[" + this.line.text() + "]"; }
}
export class Board {
  show(words: string): string { return new Framed(new Upper(new Plain(words))).text(); }
}
