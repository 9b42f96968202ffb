from chartroom import ChartRoom, PaperRoom, WatchedRoom


class Officer:
    def __init__(self, may_mark):
        self.may_mark = may_mark


class Navigator:
    def __init__(self, room: ChartRoom):
        self.room = room

    def plot(self, number):
        self.room.mark(number, "wreck")
        return self.room.open_chart(number)


print(Navigator(WatchedRoom(PaperRoom(), Officer(True))).plot(7))
