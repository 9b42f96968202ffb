class PuzzleState:
    __slots__ = ("_tiles", "_moves")

    def __init__(self, tiles, moves):
        self._tiles = tuple(tiles)
        self._moves = moves


class Puzzle:
    def __init__(self, tiles):
        self.tiles = list(tiles)
        self.moves = 0

    def slide(self, at, to):
        self.tiles[at], self.tiles[to] = self.tiles[to], self.tiles[at]
        self.moves += 1

    def save(self):
        return PuzzleState(self.tiles, self.moves)

    def restore(self, state):
        self.tiles = list(state._tiles)
        self.moves = state._moves


class Player:
    def __init__(self, puzzle):
        self.puzzle = puzzle
        self.saved = []

    def play(self, at, to):
        self.saved.append(self.puzzle.save())
        self.puzzle.slide(at, to)

    def take_back(self):
        if self.saved:
            self.puzzle.restore(self.saved.pop())
