export class Notice {
  constructor(
    readonly title: string,
    readonly lines: readonly string[],
    readonly urgent: boolean,
  ) {}
}

export class NoticeBuilder {
  private title = '';
  private readonly lines: string[] = [];
  private urgent = false;

  withTitle(title: string): this {
    this.title = title;
    return this;
  }

  addLine(line: string): this {
    this.lines.push(line);
    return this;
  }

  urgently(): this {
    this.urgent = true;
    return this;
  }

  build(): Notice {
    if (!this.title) throw new Error('a notice needs a title');
    return new Notice(this.title, [...this.lines], this.urgent);
  }
}

export const closing = new NoticeBuilder().withTitle('Lock closed').addLine('until noon').urgently().build();
