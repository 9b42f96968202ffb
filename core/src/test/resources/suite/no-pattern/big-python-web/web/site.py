from web.app import App, members_only
from web.http import Request, Response

app = App()
visits = {"count": 0}


@app.before
def count(request: Request) -> None:
    visits["count"] += 1


@app.route("/")
def front(request: Request) -> Response:
    return Response(200, "Aldera")


@app.route("/berths")
@members_only
def berths(request: Request) -> Response:
    return Response(200, f"A1 for {request.user}")


def main():
    print(app.handle(Request("/berths", user="ana")).body)
