class Turnstile:
    def __init__(self):
        self.state = Locked(self)
        self.coins = 0

    def coin(self):
        self.state.coin()

    def push(self):
        self.state.push()


class GateState:
    def __init__(self, gate):
        self.gate = gate

    def coin(self):
        pass

    def push(self):
        pass


class Locked(GateState):
    def coin(self):
        self.gate.coins += 1
        self.gate.state = Open(self.gate)


class Open(GateState):
    def push(self):
        self.gate.state = Locked(self.gate)
