class Connection:
    def __init__(self, host):
        self.host = host
        self.buffer = []
        self.become(Closed)

    def become(self, state):
        self.__class__ = state

    def open(self):
        raise NotImplementedError

    def send(self, text):
        raise NotImplementedError

    def close(self):
        raise NotImplementedError


class Closed(Connection):
    def open(self):
        self.become(Open)

    def send(self, text):
        raise RuntimeError("not open")

    def close(self):
        pass


class Open(Connection):
    def open(self):
        pass

    def send(self, text):
        self.buffer.append(text)

    def close(self):
        self.buffer.clear()
        self.become(Closed)
