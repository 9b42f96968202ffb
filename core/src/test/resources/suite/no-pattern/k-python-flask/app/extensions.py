class Database:
    def __init__(self):
        self.url = None
        self.connections = []

    def init_app(self, app):
        self.url = app.config["DATABASE"]
        app.teardown_appcontext(self.close)

    def connect(self):
        import sqlite3
        connection = sqlite3.connect(self.url)
        self.connections.append(connection)
        return connection

    def close(self, error=None):
        while self.connections:
            self.connections.pop().close()


db = Database()
