import time

from bot.handlers import Handler, Message


class Limited(Handler):
    """Lets every user ask once a second."""

    def __init__(self, inner: Handler, clock=time.monotonic) -> None:
        super().__init__()
        self._inner = inner
        self._clock = clock
        self._last: dict[str, float] = {}

    def matches(self, message: Message) -> bool:
        return self._inner.matches(message)

    async def answer(self, message: Message) -> str:
        return await self._inner.answer(message)

    async def handle(self, message: Message) -> str:
        now = self._clock()
        if now - self._last.get(message.user, 0.0) < 1.0:
            return "slow down"
        self._last[message.user] = now
        return await self._inner.handle(message)
