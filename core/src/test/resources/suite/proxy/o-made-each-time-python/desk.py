from archive import Archive, GuardedArchive


class Desk:
    def __init__(self, archive: Archive):
        self.archive = archive

    def ask(self, word):
        return len(self.archive.search(word))


Desk(GuardedArchive("clerk")).ask("tide")
