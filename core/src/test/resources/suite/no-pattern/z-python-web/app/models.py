from __future__ import annotations

from dataclasses import dataclass, field
from datetime import datetime


@dataclass
class User:
    id: int
    name: str
    mail: str
    active: bool = True


@dataclass
class Ticket:
    id: int
    title: str
    author: User
    opened: datetime
    comments: list[Comment] = field(default_factory=list)
    closed: datetime | None = None

    def close(self, when: datetime) -> None:
        if self.closed:
            raise ValueError(f"ticket {self.id} is closed")
        self.closed = when

    @property
    def is_open(self) -> bool:
        return self.closed is None


@dataclass(frozen=True)
class Comment:
    author: User
    text: str
