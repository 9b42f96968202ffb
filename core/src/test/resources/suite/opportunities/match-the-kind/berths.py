class Berth:
    def __init__(self, name, kind, length):
        self.name = name
        self.kind = kind
        self.length = length

    def dues(self, days):
        match self.kind:
            case "quay":
                return days * self.length * 3
            case "buoy":
                return days * 12
            case "mudflat":
                return days * 2
            case _:
                raise ValueError(self.kind)

    def lines_needed(self):
        match self.kind:
            case "quay":
                return 6
            case "buoy":
                return 1
            case "mudflat":
                return 2
            case _:
                raise ValueError(self.kind)

    def describe(self):
        return f"{self.name}, {self.length} m"
