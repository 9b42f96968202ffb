class Folder:
    def __init__(self, path):
        self.path = path

    def sources(self, name):
        yield f"{self.path}/{name}"


class Loader:
    def __init__(self, folders):
        self.folders = folders

    def sources(self, name):
        for folder in self.folders:
            yield from folder.sources(name)


for source in Loader([Folder("a"), Folder("b")]).sources("x"):
    print(source)
