from abc import ABC, abstractmethod


class Survey(ABC):
    def run(self, hulls):
        marks = []
        for hull in hulls:
            if self.inspect(hull):
                marks.append(self.hash(hull))
        return self.finalize(marks)

    @abstractmethod
    def inspect(self, hull): ...

    @abstractmethod
    def hash(self, hull): ...

    def finalize(self, marks):
        return marks


class DrySurvey(Survey):
    def inspect(self, hull):
        return hull.dry

    def hash(self, hull):
        return hull.number * 31


class WetSurvey(Survey):
    def inspect(self, hull):
        return hull.depth < 9

    def hash(self, hull):
        return hull.depth

    def finalize(self, marks):
        return sorted(marks)
