class Connection:
    def __init__(self, host):
        self.host = host
        self.sent = 0

    def send(self, text):
        self.sent += len(text)


class Arrivals:
    def __init__(self):
        self.link = Connection("tower")

    def tell(self, ship):
        self.link.send(ship)


class Departures:
    def __init__(self):
        self.link = Connection("tower")

    def tell(self, ship):
        self.link.send(ship)
