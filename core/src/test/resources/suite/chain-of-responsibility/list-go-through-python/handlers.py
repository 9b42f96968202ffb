class Handler:
    def __init__(self):
        self._next = None

    def set_next(self, handler):
        self._next = handler
        return handler

    def handle(self, request):
        if self._next:
            return self._next.handle(request)
        return None


class Small(Handler):
    def handle(self, request):
        if request < 10:
            return "small"
        return super().handle(request)


class Large(Handler):
    def handle(self, request):
        if request >= 10:
            return "large"
        return super().handle(request)


first = Small()
first.set_next(Large())
print(first.handle(12))
