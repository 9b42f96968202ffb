from typing import Callable, Optional, Union


class Berth:
    def __init__(self, number: int) -> None:
        self.number = number


class ColdBerth(Berth):
    pass


class Ship:
    def __init__(self, place: Union[str, Berth]) -> None:
        self.place = place


class Tug:
    def __init__(self, next: "ColdBerth | Berth | None") -> None:
        self.next = next


class Crane:
    def __init__(self, at: Optional[Union[int, Berth]]) -> None:
        self.at = at
