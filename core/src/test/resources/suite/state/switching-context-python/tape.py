class Mode:
    def press(self, tape):
        raise NotImplementedError

    def label(self):
        raise NotImplementedError


class Stopped(Mode):
    def press(self, tape):
        tape.roll()
        tape.mode = Playing()

    def label(self):
        return "play"


class Playing(Mode):
    def press(self, tape):
        tape.halt()
        tape.mode = Stopped()

    def label(self):
        return "stop"


class Tape:
    def __init__(self):
        self.mode = Stopped()
        self.turning = False

    def press(self):
        self.mode.press(self)

    def roll(self):
        self.turning = True

    def halt(self):
        self.turning = False

    def label(self):
        return self.mode.label()
