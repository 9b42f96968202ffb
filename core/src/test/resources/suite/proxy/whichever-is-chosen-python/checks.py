from abc import ABC, abstractmethod
from typing import Callable, Optional


class Check(ABC):
    @abstractmethod
    def passes(self, ship: str, tons: int) -> bool: ...

    @abstractmethod
    def words(self, ship: str) -> str: ...


class NoCheck(Check):
    def passes(self, ship: str, tons: int) -> bool:
        return True

    def words(self, ship: str) -> str:
        return ""


class TonnageCheck(Check):
    def __init__(self, most: int) -> None:
        self.most = most

    def passes(self, ship: str, tons: int) -> bool:
        return tons < self.most

    def words(self, ship: str) -> str:
        return f"{ship} at most {self.most}"


class ChosenCheck(Check):
    def __init__(self, choose: Callable[[], Optional[Check]]) -> None:
        self.choose = choose

    def passes(self, ship: str, tons: int) -> bool:
        check = self.choose() or NoCheck()
        return check.passes(ship, tons)

    def words(self, ship: str) -> str:
        check = self.choose() or NoCheck()
        return check.words(ship)
