class Steam:
    @staticmethod
    def clean(carpet):
        carpet.wet = True


class Powder:
    @staticmethod
    def clean(carpet):
        carpet.dust = False


class Cleaner:
    def __init__(self, way):
        self.way = way

    def run(self, carpets):
        for carpet in carpets:
            self.way.clean(carpet)


Cleaner(Steam).run([])
Cleaner(Powder).run([])
