class Chart:
    def __init__(self) -> None:
        self.points: list[float] = []

    def price_changed(self, symbol: str, price: float) -> None:
        self.points.append(price)


class Alarm:
    def __init__(self, limit: float) -> None:
        self.limit = limit

    def price_changed(self, symbol: str, price: float) -> None:
        if price > self.limit:
            print(f"{symbol} above {self.limit}")


class Muted:
    def price_changed(self, symbol: str, price: float) -> None:
        pass
