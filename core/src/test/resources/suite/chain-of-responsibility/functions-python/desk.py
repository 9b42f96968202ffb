from abc import ABC, abstractmethod


class Clerk(ABC):
    def __init__(self, superior=None):
        self._superior = superior

    def decide(self, request):
        if self.may(request):
            return f"{type(self).__name__} decides"
        if self._superior is None:
            return "nobody decides"
        return self._superior.decide(request)

    @abstractmethod
    def may(self, request): ...


class Teller(Clerk):
    def may(self, request):
        return request.amount < 100


class Head(Clerk):
    def may(self, request):
        return request.amount < 10_000
