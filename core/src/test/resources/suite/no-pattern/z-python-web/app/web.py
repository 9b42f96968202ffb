import json
from http.server import BaseHTTPRequestHandler

from .service import NotFound, TicketService


def make_handler(service: TicketService):
    class Handler(BaseHTTPRequestHandler):
        def do_GET(self):
            try:
                body = service.summary(int(self.path.rsplit("/", 1)[-1]))
                self._reply(200, body)
            except NotFound as error:
                self._reply(404, {"error": str(error)})

        def _reply(self, status, body):
            data = json.dumps(body).encode()
            self.send_response(status)
            self.end_headers()
            self.wfile.write(data)

    return Handler
