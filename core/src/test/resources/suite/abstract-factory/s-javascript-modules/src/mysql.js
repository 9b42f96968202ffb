class MysqlConnection {
  constructor(host) { this.host = host; }
  open() { return this.host; }
}
class MysqlDialect { quote(name) { return '`' + name + '`'; } }

class MysqlKit {
  constructor(host) { this.host = host; }
  connection() { return new MysqlConnection(this.host); }
  dialect() { return new MysqlDialect(); }
}

module.exports = { MysqlKit };
