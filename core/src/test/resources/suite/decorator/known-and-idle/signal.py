from abc import ABC, abstractmethod


class Signal(ABC):
    @abstractmethod
    def send(self, text): ...

    @abstractmethod
    def range(self): ...


class Horn(Signal):
    def send(self, text):
        return f"horn {text}"

    def range(self):
        return 3

    def louder(self):
        return Amplified(self)


class SignalDecorator(Signal):
    def __init__(self, inner: Signal):
        self._inner = inner

    def send(self, text):
        return self._inner.send(text)

    def range(self):
        return self._inner.range()


class Amplified(SignalDecorator):
    def range(self):
        return super().range() * 2


class Translated(SignalDecorator):
    def send(self, text):
        return self._inner.send(text.upper())
