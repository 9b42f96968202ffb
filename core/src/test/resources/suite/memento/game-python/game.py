class Save:
    def __init__(self, level, points):
        self._level = level
        self._points = points


class Game:
    def __init__(self):
        self._level = 1
        self._points = 0

    def win(self, points):
        self._points += points
        self._level += 1

    def save(self):
        return Save(self._level, self._points)

    def load(self, save: Save):
        self._level = save._level
        self._points = save._points


class Shelf:
    def __init__(self, game: Game):
        self._game = game
        self._saves = []

    def keep(self):
        self._saves.append(self._game.save())

    def back(self):
        self._game.load(self._saves.pop())
