class Cleaner:
    def __init__(self, way):
        self.way = way

    def run(self, carpets):
        for carpet in carpets:
            self.way.clean(carpet)
