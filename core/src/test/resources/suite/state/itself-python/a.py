class Door:
    def __init__(self):
        self.state = Closed

    def push(self):
        self.state.push(self)

    def lock(self):
        self.state.lock(self)


class Closed:
    @staticmethod
    def push(door):
        door.state = Ajar

    @staticmethod
    def lock(door):
        door.state = Locked


class Ajar:
    @staticmethod
    def push(door):
        door.state = Closed

    @staticmethod
    def lock(door):
        pass


class Locked:
    @staticmethod
    def push(door):
        pass

    @staticmethod
    def lock(door):
        door.state = Closed
