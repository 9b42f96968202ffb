from datetime import datetime

from .mailer import Mailer
from .models import Ticket
from .store import Store


class NotFound(Exception):
    def __init__(self, what: str, key: int):
        super().__init__(f"no {what} {key}")
        self.key = key


class TicketService:
    def __init__(self, store: Store, mailer: Mailer, clock=datetime.now):
        self.store = store
        self.mailer = mailer
        self.clock = clock

    def close(self, ticket_id: int) -> Ticket:
        ticket = self.store.ticket(ticket_id)
        if ticket is None:
            raise NotFound("ticket", ticket_id)
        ticket.close(self.clock())
        self.store.save(ticket)
        if ticket.author.active:
            self.mailer.send(ticket.author.mail, f"closed: {ticket.title}", "thank you")
        return ticket

    def summary(self, ticket_id: int) -> dict:
        ticket = self.store.ticket(ticket_id)
        if ticket is None:
            raise NotFound("ticket", ticket_id)
        return {"id": ticket.id, "open": ticket.is_open, "comments": len(ticket.comments)}
