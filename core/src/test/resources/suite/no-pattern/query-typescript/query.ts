export class Query {
  private wheres: string[] = [];
  private order = '';
  private max = 0;

  constructor(private readonly table: string) {}

  where(condition: string): this {
    this.wheres.push(condition);
    return this;
  }

  orderBy(column: string): this {
    this.order = column;
    return this;
  }

  limit(max: number): this {
    this.max = max;
    return this;
  }

  toSql(): string {
    const where = this.wheres.length ? ` where ${this.wheres.join(' and ')}` : '';
    return `select * from ${this.table}${where} order by ${this.order} limit ${this.max}`;
  }
}
