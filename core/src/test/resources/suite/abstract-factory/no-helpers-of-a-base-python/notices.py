class Part:
    def draw(self):
        raise NotImplementedError


class Line(Part):
    def __init__(self, text):
        self.text = text

    def draw(self):
        return self.text


class Box(Part):
    def __init__(self, parts):
        self.parts = parts

    def draw(self):
        return "|".join(part.draw() for part in self.parts)


class Fault:
    def __init__(self, level, text):
        self.level = level
        self.text = text

    def tell(self):
        return f"{self.level}: {self.text}"


class Slip(Fault):
    pass


class Notice:
    def run(self) -> Part:
        raise NotImplementedError

    def warn(self, text) -> Fault:
        return Slip(1, text)


class StormNotice(Notice):
    def run(self) -> Part:
        return Box([Line("storm"), Line("stay in port")])


class TideNotice(Notice):
    def run(self) -> Part:
        return Line("low tide")
