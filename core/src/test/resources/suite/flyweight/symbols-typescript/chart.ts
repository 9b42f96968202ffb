import { SymbolBook, ChartSymbol } from './symbols';

export class Chart {
  private placed: { symbol: ChartSymbol; x: number; y: number }[] = [];

  constructor(private readonly book: SymbolBook) {}

  place(name: string, x: number, y: number): void {
    this.placed.push({ symbol: this.book.symbol(name), x, y });
  }
}
