class Archive:
    def __init__(self, path):
        self.path = path
        self.pages = [f"page {n}" for n in range(1000)]

    def page(self, number):
        return self.pages[number]

    def search(self, word):
        return [page for page in self.pages if word in page]


class LateArchive:
    def __init__(self, path):
        self._path = path
        self._archive = None

    def __getattr__(self, name):
        if self._archive is None:
            self._archive = Archive(self._path)
        return getattr(self._archive, name)
