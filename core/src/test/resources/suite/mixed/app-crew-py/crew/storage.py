import abc
import sqlite3

from .models import Sailor


class SailorRepository(abc.ABC):
    @abc.abstractmethod
    def get(self, sailor_id: int) -> Sailor: ...

    @abc.abstractmethod
    def add(self, sailor: Sailor) -> None: ...


class SqliteSailors(SailorRepository):
    def __init__(self, connection: sqlite3.Connection) -> None:
        self._connection = connection

    def get(self, sailor_id: int) -> Sailor:
        row = self._connection.execute("select id, name, rank from sailor where id = ?", (sailor_id,)).fetchone()
        if row is None:
            raise LookupError(sailor_id)
        return Sailor(id=row[0], name=row[1], rank=row[2])

    def add(self, sailor: Sailor) -> None:
        cursor = self._connection.execute("insert into sailor(name, rank) values (?, ?)", (sailor.name, sailor.rank))
        sailor.id = cursor.lastrowid


class UnitOfWork:
    def __init__(self, path: str) -> None:
        self._path = path

    def __enter__(self) -> "UnitOfWork":
        self._connection = sqlite3.connect(self._path)
        self.sailors: SailorRepository = SqliteSailors(self._connection)
        return self

    def __exit__(self, kind, error, trace) -> None:
        if kind is None:
            self._connection.commit()
        else:
            self._connection.rollback()
        self._connection.close()
