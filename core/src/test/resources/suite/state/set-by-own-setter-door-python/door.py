class DoorState:
    def push(self, door):
        raise NotImplementedError


class Closed(DoorState):
    def push(self, door):
        door.change(Opened())


class Opened(DoorState):
    def push(self, door):
        door.change(Locked())


class Locked(DoorState):
    def push(self, door):
        door.change(Closed())


class Door:
    def __init__(self):
        self._state = Closed()

    def change(self, state):
        self.put_state(state)

    def push(self):
        self._state.push(self)

    def put_state(self, to):
        self._state = to


class Guest:
    def enter(self, door: Door):
        door.push()
