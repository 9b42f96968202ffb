import logging
from datetime import date

from .models import Sailor, Shift
from .storage import UnitOfWork

logger = logging.getLogger(__name__)


class CrewService:
    def __init__(self, path: str) -> None:
        self._path = path
        self._shifts: dict[date, Shift] = {}

    def enlist(self, name: str, rank: str) -> int:
        with UnitOfWork(self._path) as work:
            sailor = Sailor(name, rank)
            work.sailors.add(sailor)
        logger.info("enlisted %s", name)
        return sailor.id

    def assign(self, sailor_id: int, day: date) -> bool:
        with UnitOfWork(self._path) as work:
            sailor = work.sailors.get(sailor_id)
        shift = self._shifts.setdefault(day, Shift(day))
        shift.add(sailor)
        return shift.complete
