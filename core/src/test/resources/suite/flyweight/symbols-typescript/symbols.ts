export class ChartSymbol {
  constructor(readonly name: string, readonly strokes: readonly string[]) {}

  draw(x: number, y: number): string {
    return `${this.name}@${x},${y}`;
  }
}

export class SymbolBook {
  private readonly known: Record<string, ChartSymbol> = {};

  symbol(name: string): ChartSymbol {
    return (this.known[name] ??= new ChartSymbol(name, strokesOf(name)));
  }
}

function strokesOf(name: string): string[] {
  return name.split('');
}
