from american import FahrenheitProbe
from probe_adapter import ProbeThermometer
from thermometers import MercuryThermometer, Thermometer


def warmest(rooms: list[Thermometer]) -> Thermometer:
    return max(rooms, key=lambda room: room.celsius())


if __name__ == "__main__":
    hottest = warmest([MercuryThermometer(19.5), ProbeThermometer(FahrenheitProbe("A-7"))])
    print(hottest.label())
