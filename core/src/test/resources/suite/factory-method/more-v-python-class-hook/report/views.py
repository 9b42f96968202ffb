from abc import ABC, abstractmethod


class Chart(ABC):
    @abstractmethod
    def svg(self, values): ...


class Bars(Chart):
    def svg(self, values):
        return "".join(f"<rect height='{v}'/>" for v in values)


class Dots(Chart):
    def svg(self, values):
        return "".join(f"<circle cy='{v}'/>" for v in values)


class View(ABC):
    def __init__(self, values):
        self.values = values

    @abstractmethod
    def make_chart(self) -> Chart: ...

    def render(self):
        return f"<svg>{self.make_chart().svg(self.values)}</svg>"


class SalesView(View):
    def make_chart(self):
        return Bars()


class TrendView(View):
    def make_chart(self):
        return Dots()
