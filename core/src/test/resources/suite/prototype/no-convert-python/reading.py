class Record:
    def __init__(self, place, level):
        self.place = place
        self.level = level


class Reading:
    def __init__(self, place, level):
        self.place = place
        self.level = level

    def to_record(self):
        return Record(self.place, self.level)


class Archive:
    def keep(self, reading: Reading):
        return reading.to_record()
