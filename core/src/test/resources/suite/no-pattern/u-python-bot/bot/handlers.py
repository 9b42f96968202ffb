from __future__ import annotations

from abc import ABC, abstractmethod
from dataclasses import dataclass


@dataclass(frozen=True)
class Message:
    user: str
    text: str


class Handler(ABC):
    def __init__(self, fallback: Handler | None = None) -> None:
        self._fallback = fallback

    async def handle(self, message: Message) -> str:
        if self.matches(message):
            return await self.answer(message)
        if self._fallback is None:
            return "sorry?"
        return await self._fallback.handle(message)

    @abstractmethod
    def matches(self, message: Message) -> bool: ...

    @abstractmethod
    async def answer(self, message: Message) -> str: ...


class Greeting(Handler):
    def matches(self, message: Message) -> bool:
        return message.text.lower() in {"hi", "hello"}

    async def answer(self, message: Message) -> str:
        return f"hello {message.user}"


class Dice(Handler):
    def __init__(self, random, fallback: Handler | None = None) -> None:
        super().__init__(fallback)
        self._random = random

    def matches(self, message: Message) -> bool:
        return message.text.startswith("/roll")

    async def answer(self, message: Message) -> str:
        return str(self._random.randint(1, 6))


class Echo(Handler):
    def matches(self, message: Message) -> bool:
        return True

    async def answer(self, message: Message) -> str:
        return message.text
