class ChartRoom:
    def open_chart(self, number):
        raise NotImplementedError

    def mark(self, number, note):
        raise NotImplementedError


class PaperRoom(ChartRoom):
    def __init__(self):
        self._notes = {}

    def open_chart(self, number):
        return self._notes.get(number, [])

    def mark(self, number, note):
        self._notes.setdefault(number, []).append(note)


class WatchedRoom(ChartRoom):
    def __init__(self, room: PaperRoom, officer):
        self._room = room
        self._officer = officer
        self._refused = 0

    def open_chart(self, number):
        return self._room.open_chart(number)

    def mark(self, number, note):
        if not self._officer.may_mark:
            self._refused += 1
            raise PermissionError("officers only")
        self._room.mark(number, note)

    def refused(self):
        return self._refused
