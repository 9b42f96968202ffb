export class Connection {
  private open = false;
  constructor(private readonly url: string) {}
  query(sql: string): number { this.open = true; return sql.length + this.url.length; }
}
