export interface Layout {
  arrange(lines: string[]): string;
}

export class Columns implements Layout {
  arrange(lines: string[]): string {
    return lines.join(' | ');
  }
}

export class Stack implements Layout {
  arrange(lines: string[]): string {
    return lines.join('\n');
  }
}

export class Printer {
  constructor(private layout: Layout = new Stack()) {}

  set(layout: Layout): void {
    this.layout = layout;
  }

  print(lines: string[]): string {
    const text = this.layout.arrange(lines);
    return this.layout instanceof Columns ? text.slice(0, 80) : text;
  }
}
