from abc import ABC, abstractmethod


class Player(ABC):
    @abstractmethod
    def play(self, track): ...

    @abstractmethod
    def pause(self): ...

    @abstractmethod
    def seek(self, seconds): ...


class FilePlayer(Player):
    def __init__(self):
        self.track = None
        self.at = 0

    def play(self, track):
        self.track = track

    def pause(self):
        self.track = None

    def seek(self, seconds):
        self.at = seconds
