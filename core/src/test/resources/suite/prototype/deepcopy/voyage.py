import copy


class Voyage:
    def __init__(self, ports, draught):
        self.ports = ports
        self.draught = draught
        self._notes = []

    def note(self, text):
        self._notes.append(text)

    def clone(self):
        return copy.deepcopy(self)


class Planner:
    def __init__(self, usual):
        self._usual = usual

    def via(self, port):
        voyage = self._usual.clone()
        voyage.ports.append(port)
        return voyage


print(Planner(Voyage(["Aldera"], 4.2)).via("Punta").ports)
