const { SqliteKit } = require('./sql');
const { MysqlKit } = require('./mysql');

class Repository {
  constructor(kit) {
    this.connection = kit.connection();
    this.dialect = kit.dialect();
  }

  find(table) {
    return `${this.connection.open()}: select * from ${this.dialect.quote(table)}`;
  }
}

function start(env) {
  const kit = env.DB_HOST ? new MysqlKit(env.DB_HOST) : new SqliteKit();
  return new Repository(kit);
}

module.exports = { Repository, start };
