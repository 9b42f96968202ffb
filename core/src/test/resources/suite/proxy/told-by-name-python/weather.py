from abc import ABC, abstractmethod
import json

class Weather(ABC):
    @abstractmethod
    def wind(self, place): ...
    @abstractmethod
    def waves(self, place, hour): ...

class Station(Weather):
    def __init__(self): self._log = {}
    def wind(self, place): return self._log[place]
    def waves(self, place, hour): return self._log[place, hour]

class FarStation(Weather):
    def __init__(self, socket):
        self._socket = socket
    def _ask(self, name, *told):
        self._socket.sendall(json.dumps([name, *told]).encode())
        return json.loads(self._socket.recv(4096))
    def wind(self, place): return self._ask("wind", place)
    def waves(self, place, hour): return self._ask("waves", place, hour)

def advise(weather: Weather):
    return weather.wind("pier") < 8 and weather.waves("pier", 3) < 2
