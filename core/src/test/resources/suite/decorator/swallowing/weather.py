from abc import ABC, abstractmethod

class Forecast(ABC):
    @abstractmethod
    def wind(self, hour): ...
    @abstractmethod
    def waves(self, hour): ...

class StationForecast(Forecast):
    def __init__(self, table):
        self.table = table
    def wind(self, hour):
        return self.table[hour][0]
    def waves(self, hour):
        return self.table[hour][1]

class ForecastLayer(Forecast):
    def __init__(self, inner: Forecast):
        self.inner = inner
    def wind(self, hour):
        return self.inner.wind(hour)
    def waves(self, hour):
        return self.inner.waves(hour)

class Gusts(ForecastLayer):
    def wind(self, hour):
        return super().wind(hour) * 1.3

class Knots(ForecastLayer):
    def wind(self, hour):
        return self.inner.wind(hour) / 1.852

def forecast():
    return Knots(Gusts(StationForecast({6: (40, 1.2)})))
