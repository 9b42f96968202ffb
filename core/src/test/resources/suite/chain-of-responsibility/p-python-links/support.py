from __future__ import annotations
from dataclasses import dataclass
from typing import Optional


@dataclass
class Ticket:
    text: str
    severity: int


class Desk:
    def __init__(self, behind: Optional[Desk] = None):
        self.behind = behind

    def handle(self, ticket: Ticket) -> str:
        if self.can(ticket):
            return self.answer(ticket)
        if self.behind is None:
            raise LookupError(f"nobody for {ticket.text}")
        return self.behind.handle(ticket)

    def can(self, ticket: Ticket) -> bool:
        return False

    def answer(self, ticket: Ticket) -> str:
        raise NotImplementedError


class FrontDesk(Desk):
    def can(self, ticket):
        return ticket.severity < 3

    def answer(self, ticket):
        return "have you tried again?"


class Engineer(Desk):
    def __init__(self, name, behind=None):
        super().__init__(behind)
        self.name = name

    def can(self, ticket):
        return "engine" in ticket.text

    def answer(self, ticket):
        return f"{self.name} is on the way"
