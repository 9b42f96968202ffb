class Repository:
    def __init__(self):
        self._rows = {}

    def save(self, row):
        self._rows[row["id"]] = row

    def load(self, key):
        return self._rows[key]


class Clock:
    def now(self):
        return 12


class BookingService:
    def __init__(self, repository, clock):
        self.repository = repository
        self.clock = clock

    def book(self, ship):
        row = {"id": ship, "at": self.clock.now()}
        self.repository.save(row)
        return row

    def find(self, ship):
        return self.repository.load(ship)


class Api:
    def __init__(self):
        self.service = BookingService(Repository(), Clock())

    def post(self, ship):
        return self.service.book(ship)


Api().post("Doris")
