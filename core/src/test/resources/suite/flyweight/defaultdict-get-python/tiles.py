from typing import NamedTuple


class Tile(NamedTuple):
    colour: str
    shape: str


class TileStore:
    _pool: dict[tuple[str, str], Tile] = {}

    @classmethod
    def of(cls, colour, shape):
        key = (colour, shape)
        try:
            return cls._pool[key]
        except KeyError:
            cls._pool[key] = tile = Tile(colour, shape)
            return tile
