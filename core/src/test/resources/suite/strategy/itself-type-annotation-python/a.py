from abc import ABC, abstractmethod


class Way(ABC):
    @staticmethod
    @abstractmethod
    def clean(carpet): ...


class Steam(Way):
    @staticmethod
    def clean(carpet):
        carpet.wet = True


class Powder(Way):
    @classmethod
    def clean(cls, carpet):
        carpet.dust = False


class Cleaner:
    def __init__(self, way: type[Way]) -> None:
        self._way = way

    def run(self, carpets: list) -> None:
        for carpet in carpets:
            self._way.clean(carpet)


Cleaner(Steam).run([])
Cleaner(Powder).run([])
