export interface Book {
  enter(line: string): void;
  count(): number;
}

class PortBook implements Book {
  private readonly lines: string[] = [];

  enter(line: string): void {
    this.lines.push(line);
  }

  count(): number {
    return this.lines.length;
  }
}

let kept: Book | null = null;

export function book(): Book {
  if (kept === null) {
    kept = new PortBook();
  }
  return kept;
}
