class Connection:
    def __init__(self):
        self._state = None
        self.new_state(Shut)

    def new_state(self, state):
        self._state = state

    def read(self):
        return self._state.read(self)

    def open(self):
        return self._state.open(self)


class ConnectionState:
    @staticmethod
    def read(connection):
        raise NotImplementedError()

    @staticmethod
    def open(connection):
        raise NotImplementedError()


class Shut(ConnectionState):
    @staticmethod
    def read(connection):
        raise RuntimeError("not open")

    @staticmethod
    def open(connection):
        connection.new_state(Opened)


class Opened(ConnectionState):
    @staticmethod
    def read(connection):
        print("reading")

    @staticmethod
    def open(connection):
        raise RuntimeError("already open")
