import sqlite3
from datetime import datetime

from .models import Comment, Ticket, User


class Store:
    def __init__(self, connection: sqlite3.Connection):
        self.connection = connection

    def user(self, user_id: int) -> User | None:
        row = self.connection.execute("select id, name, mail from users where id = ?", (user_id,)).fetchone()
        return User(*row) if row else None

    def ticket(self, ticket_id: int) -> Ticket | None:
        row = self.connection.execute("select * from tickets where id = ?", (ticket_id,)).fetchone()
        if row is None:
            return None
        ticket = Ticket(row[0], row[1], self.user(row[2]), datetime.fromisoformat(row[3]))
        for author, text in self.connection.execute("select author, text from comments where ticket = ?", (ticket_id,)):
            ticket.comments.append(Comment(self.user(author), text))
        return ticket

    def save(self, ticket: Ticket) -> None:
        with self.connection:
            self.connection.execute("update tickets set closed = ? where id = ?", (ticket.closed, ticket.id))
