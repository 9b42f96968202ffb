class Query {
  constructor(parts) { Object.assign(this, parts); Object.freeze(this); }
  toString() { return `select ${this.columns.join(', ') || '*'} from ${this.table}${this.where.length ? ' where ' + this.where.join(' and ') : ''}`; }
}

class QueryBuilder {
  #columns = [];
  #where = [];
  #table;

  from(table) { this.#table = table; return this; }
  select(...columns) { this.#columns.push(...columns); return this; }
  where(condition) { this.#where.push(condition); return this; }

  build() {
    if (!this.#table) throw new Error('from() is missing');
    return new Query({ table: this.#table, columns: [...this.#columns], where: [...this.#where] });
  }
}

module.exports = { QueryBuilder };
