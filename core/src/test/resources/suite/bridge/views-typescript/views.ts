import { DataSource } from './data';

export abstract class View {
  constructor(protected readonly source: DataSource) {}
  abstract render(): string;
  protected head(): string {
    return this.source.title().toUpperCase();
  }
}

export class TableView extends View {
  render(): string {
    return [this.head(), ...this.source.rows().map((row) => row.join(' | '))].join('\n');
  }
}

export class ListView extends View {
  render(): string {
    return `${this.head()}: ${this.source.rows().length} rows`;
  }
}
