class Crane:
    def __init__(self):
        self.height = 0

    def lift(self):
        self.height += 4

    def park(self):
        self.height = 0


class Panel:
    def __init__(self):
        self._buttons = {}

    def assign(self, button, action):
        self._buttons[button] = action

    def press(self, button):
        self._buttons[button]()


def wire(panel: Panel, crane: Crane):
    panel.assign("up", crane.lift)
    panel.assign("down", crane.park)
