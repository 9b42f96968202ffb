class CranePlan:
    def __init__(self, crane, hours, note):
        self._crane = crane
        self._hours = hours
        self._note = note

    def label(self):
        return f"{self._crane}: {self._hours} h {self._note or ''}"


class CranePlanBuilder:
    def __init__(self):
        self.crane = None
        self.hours = 8
        self.note = None

    def build(self):
        if self.crane is None:
            raise ValueError("a plan needs a crane")
        return CranePlan(self.crane, self.hours, self.note)


def monday():
    builder = CranePlanBuilder()
    builder.crane = "north"
    builder.hours = 6
    return builder.build()
