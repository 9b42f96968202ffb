from bell import Bell


class Cook:
    def __init__(self, bell):
        self.meals = 0
        bell.on_ring(self.heard)

    def heard(self, strokes):
        if strokes == 8:
            self.meals += 1


class Helmsman:
    def __init__(self, bell: Bell):
        self.tired = 0
        self.bell = bell
        self.bell.on_ring(self.another)

    def another(self, strokes):
        self.tired += strokes
        return self.tired > 100

    def leave(self):
        self.bell.forget(self.another)
