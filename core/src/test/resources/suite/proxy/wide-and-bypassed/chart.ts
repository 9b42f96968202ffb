export interface ChartSource { tile(x: number, y: number): string; legend(): string }
export class ServerCharts implements ChartSource { private hits = 0; constructor(private readonly url: string) {} tile(x: number, y: number) { this.hits++; return `${this.url}/${x}/${y}`; } legend() { return 'depths'; } }
export class CachedCharts implements ChartSource {
  private server?: ServerCharts;
  private readonly tiles = new Map<string, string>();
  constructor(private readonly url: string) {}
  private real(): ServerCharts { return (this.server ??= new ServerCharts(this.url)); }
  tile(x: number, y: number): string { const key = `${x}:${y}`; let t = this.tiles.get(key); if (!t) { t = this.real().tile(x, y); this.tiles.set(key, t); } return t; }
  legend(): string { return this.real().legend(); }
  forget(): void { this.tiles.clear(); }
}
export class Plotter { private readonly charts = new CachedCharts('/c'); private readonly raw = new ServerCharts('/r'); draw() { return this.charts.tile(1, 2) + this.raw.legend(); } }
