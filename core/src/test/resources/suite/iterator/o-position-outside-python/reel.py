class Reel:
    def __init__(self, frames):
        self.frames = frames
        self.at = 0

    def __iter__(self):
        return ReelIterator(self)


class ReelIterator:
    def __init__(self, reel):
        self.reel = reel

    def __iter__(self):
        return self

    def __next__(self):
        if self.reel.at >= len(self.reel.frames):
            raise StopIteration
        frame = self.reel.frames[self.reel.at]
        self.reel.at += 1
        return frame
