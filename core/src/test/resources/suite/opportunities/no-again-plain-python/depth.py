class Depth:
    def __init__(self, metres):
        if metres < 0:
            raise ValueError("below nothing")
        self.metres = round(metres, 1)

    def label(self):
        if self.metres > 10:
            return "deep"
        return "shallow"
