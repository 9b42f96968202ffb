class Lock:
    def __init__(self, archive: str = None):
        self.archive = archive

    def fill(self):
        if self.archive is None:
            self.note("no book to write into")
        else:
            self.note("into " + self.archive)

    def drain(self):
        if self.archive is not None:
            self.note("into " + self.archive)
        else:
            self.note("no book to write into")

    def note(self, text):
        print(text)
