import * as fs from 'fs';

export class TideTable {
  private heights: number[];
  constructor(path: string) {
    const text = fs.readFileSync(path, 'utf8');
    this.heights = text.split('\n').map(Number);
    TideRegistry.add(this);
  }
  at(hour: number): number { return this.heights[hour]; }
}

export class TideRegistry {
  private static all: TideTable[] = [];
  static add(table: TideTable): void { TideRegistry.all.push(table); }
}
