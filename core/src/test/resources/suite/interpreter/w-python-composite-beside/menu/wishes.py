from abc import ABC, abstractmethod


class Wish(ABC):
    @abstractmethod
    def fits(self, guest: dict) -> bool:
        ...


class Likes(Wish):
    def __init__(self, what: str):
        self._what = what

    def fits(self, guest: dict) -> bool:
        return self._what in guest["likes"]


class Both(Wish):
    def __init__(self, left: Wish, right: Wish):
        self._left = left
        self._right = right

    def fits(self, guest: dict) -> bool:
        return self._left.fits(guest) and self._right.fits(guest)


class Not(Wish):
    def __init__(self, wish: Wish):
        self._wish = wish

    def fits(self, guest: dict) -> bool:
        return not self._wish.fits(guest)
