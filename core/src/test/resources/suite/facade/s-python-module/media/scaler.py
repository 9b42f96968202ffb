class Scaler:
    def __init__(self, width):
        self.width = width

    def scale(self, frame):
        return frame * self.width
