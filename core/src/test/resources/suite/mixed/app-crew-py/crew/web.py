from datetime import date

from .service import CrewService

service = CrewService("crew.db")


def post_sailor(request: dict) -> dict:
    return {"id": service.enlist(request["name"], request.get("rank", "deckhand"))}


def post_shift(request: dict) -> dict:
    try:
        complete = service.assign(int(request["sailor"]), date.fromisoformat(request["day"]))
    except (LookupError, ValueError) as error:
        return {"error": str(error)}
    return {"complete": complete}


ROUTES = {
    ("POST", "/sailors"): post_sailor,
    ("POST", "/shifts"): post_shift,
}


def handle(method: str, path: str, request: dict) -> dict:
    handler = ROUTES.get((method, path))
    return handler(request) if handler else {"error": "not found"}
