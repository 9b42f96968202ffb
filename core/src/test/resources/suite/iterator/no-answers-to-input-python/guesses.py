from abc import ABC, abstractmethod
from typing import Iterable


class Guesser(ABC):
    @abstractmethod
    def guesses(self, word: str) -> Iterable[str]: ...


class ShipGuesser(Guesser):
    def __init__(self, names: list) -> None:
        self.names = names

    def guesses(self, word: str) -> Iterable[str]:
        return [name for name in self.names if name.startswith(word)]


class FlagGuesser(Guesser):
    def guesses(self, word: str) -> Iterable[str]:
        yield word.upper()


class AllGuesser(Guesser):
    def __init__(self, guessers: list) -> None:
        self.guessers = guessers

    def guesses(self, word: str) -> Iterable[str]:
        for guesser in self.guessers:
            for guess in guesser.guesses(word):
                yield guess


class OnlyAfter(Guesser):
    def __init__(self, guesser: Guesser, letters: int) -> None:
        self.guesser = guesser
        self.letters = letters

    def guesses(self, word: str) -> Iterable[str]:
        if len(word) >= self.letters:
            yield from self.guesser.guesses(word)


everything = OnlyAfter(AllGuesser([ShipGuesser(["Marisol"]), FlagGuesser()]), 2)
print(list(everything.guesses("Ma")))
