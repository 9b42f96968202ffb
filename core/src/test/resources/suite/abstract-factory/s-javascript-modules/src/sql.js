class SqliteConnection { open() { return 'sqlite'; } }
class SqliteDialect { quote(name) { return `"${name}"`; } }

class SqliteKit {
  connection() { return new SqliteConnection(); }
  dialect() { return new SqliteDialect(); }
}

module.exports = { SqliteKit };
