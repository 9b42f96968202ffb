from dataclasses import dataclass
from functools import lru_cache


@dataclass(frozen=True)
class LampShape:
    colour: str
    rhythm: str


@lru_cache(maxsize=None)
def lamp_shape(colour, rhythm):
    return LampShape(colour, rhythm)


class Buoy:
    def __init__(self, place, colour, rhythm):
        self.place = place
        self.shape = lamp_shape(colour, rhythm)


buoys = [Buoy(n, "red", "Fl 4s") for n in range(400)]
