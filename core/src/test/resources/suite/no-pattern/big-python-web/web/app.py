from functools import wraps
from typing import Callable

from web.http import Request, Response

View = Callable[[Request], Response]


class App:
    def __init__(self):
        self._routes: dict[str, View] = {}
        self._before: list[Callable[[Request], None]] = []

    def route(self, path):
        def register(view: View) -> View:
            self._routes[path] = view
            return view
        return register

    def before(self, hook):
        self._before.append(hook)
        return hook

    def handle(self, request: Request) -> Response:
        for hook in self._before:
            hook(request)
        view = self._routes.get(request.path, not_found)
        return view(request)


def not_found(request: Request) -> Response:
    return Response(404, f"no {request.path}")


def members_only(view: View) -> View:
    @wraps(view)
    def checked(request: Request) -> Response:
        if request.user is None:
            return Response(401, "members only")
        return view(request)
    return checked
