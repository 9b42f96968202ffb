class Sheet:
    def __init__(self, text):
        self.text = text

    def fold(self):
        return self.text


class Poster(Sheet):
    def fold(self):
        return self.text.upper()


class Flyer(Sheet):
    def fold(self):
        return self.text[:40]


class Press:
    def __init__(self):
        self.count = 0

    def make_sheet(self, text):
        raise NotImplementedError

    def run(self, text):
        sheet = self.make_sheet(text)
        self.count += 1
        return sheet.fold()


class PosterPress(Press):
    def make_sheet(self, text):
        return Poster(text)


class FlyerPress(Press):
    def make_sheet(self, text):
        return Flyer(text)
