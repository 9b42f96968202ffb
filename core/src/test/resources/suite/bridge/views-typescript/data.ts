export interface DataSource {
  rows(): string[][];
  title(): string;
}

export class CsvSource implements DataSource {
  constructor(private readonly text: string, private readonly name: string) {}
  rows(): string[][] {
    return this.text.split('\n').map((line) => line.split(','));
  }
  title(): string {
    return this.name;
  }
}

export class FixedSource implements DataSource {
  rows(): string[][] {
    return [['a', '1']];
  }
  title(): string {
    return 'fixed';
  }
}
