from dataclasses import dataclass, field
from datetime import date

from .extensions import db


@dataclass
class Berth:
    id: int
    metres: float
    bookings: list = field(default_factory=list)

    @classmethod
    def from_row(cls, row):
        return cls(id=row[0], metres=row[1])

    @property
    def free(self):
        return not self.bookings

    def book(self, ship, day: date):
        if any(d == day for _, d in self.bookings):
            raise ValueError("taken")
        self.bookings.append((ship, day))


class BerthQuery:
    def __init__(self):
        self._clauses = []
        self._parameters = []

    def longer_than(self, metres):
        self._clauses.append("metres > ?")
        self._parameters.append(metres)
        return self

    def free_on(self, day):
        self._clauses.append("id not in (select berth from booking where day = ?)")
        self._parameters.append(day.isoformat())
        return self

    def all(self):
        where = " and ".join(self._clauses) or "1"
        rows = db.connect().execute(f"select id, metres from berth where {where}", self._parameters)
        return [Berth.from_row(row) for row in rows]
