from __future__ import annotations

import logging
from dataclasses import dataclass, replace
from typing import Callable, Iterable

from .carriers import Carrier, carrier_for

log = logging.getLogger(__name__)
Surcharge = Callable[[int], int]


@dataclass(frozen=True)
class Quote:
    carrier: str
    cents: int
    days: int

    def cheaper(self, by: int) -> "Quote":
        return replace(self, cents=self.cents - by)


def bunker(cents: int) -> int:
    return cents + cents // 20


def winter(cents: int) -> int:
    return cents + 2500


class QuoteDesk:
    def __init__(self, surcharges: Iterable[Surcharge] = ()) -> None:
        self._surcharges = list(surcharges)
        self._given: list[Quote] = []

    def quote(self, code: str, name: str, miles: int) -> Quote:
        carrier: Carrier = carrier_for(code, name)
        cents = miles * 12
        for surcharge in self._surcharges:
            cents = surcharge(cents)
        made = Quote(repr(carrier), cents, carrier.days(miles))
        self._given.append(made)
        log.info("quoted %s", made)
        return made

    def best(self) -> Quote | None:
        return min(self._given, key=lambda quote: quote.cents, default=None)
