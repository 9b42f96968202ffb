class Bell:
    def __init__(self):
        self._hooks = []
        self._half_hours = 0

    def on_ring(self, hook):
        self._hooks.append(hook)

    def forget(self, hook):
        self._hooks.remove(hook)

    def strike(self):
        self._half_hours = self._half_hours % 8 + 1
        for at in range(len(self._hooks)):
            if self._half_hours == 3:
                break
            self._hooks[at].heard(self._half_hours)


class Cook:
    def __init__(self):
        self.meals = 0

    def heard(self, strokes):
        if strokes == 8:
            self.meals += 1


class Helmsman:
    def __init__(self):
        self.tired = 0

    def heard(self, strokes):
        self.tired += strokes


bell = Bell()
bell.on_ring(Cook())
bell.on_ring(Helmsman())
bell.strike()
