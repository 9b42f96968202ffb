export interface Filter { field: string; value: unknown }
export class BerthQuery { constructor(readonly filters: ReadonlyArray<Filter>, readonly limit: number, readonly order?: string) {} }
export class BerthQueryBuilder {
  private filters: Filter[] = [];
  private max = 10;
  private by?: string;
  where(field: string, value: unknown): this { this.filters.push({ field, value }); return this; }
  limit(n: number): this { this.max = n; return this; }
  orderBy(field: string): this { this.by = field; return this; }
  build(): BerthQuery {
    if (this.filters.length === 0) throw new Error('a filter is needed');
    return new BerthQuery([...this.filters], this.max, this.by);
  }
}
export class Search { run(metres: number) { return new BerthQueryBuilder().where('metres', metres).limit(3).build(); } }
