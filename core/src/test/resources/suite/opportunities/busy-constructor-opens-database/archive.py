import sqlite3


class Archive:
    def __init__(self, path):
        self.connection = sqlite3.connect(path)
        self.connection.execute("create table if not exists ships (name text)")

    def names(self):
        return [row[0] for row in self.connection.execute("select name from ships")]


print(Archive("ships.db").names())
