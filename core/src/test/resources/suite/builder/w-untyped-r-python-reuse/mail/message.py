from dataclasses import dataclass, field

@dataclass
class Message:
    to: list[str] = field(default_factory=list)
    subject: str = ''
    body: str = ''

class MessageBuilder:

    def __init__(self):
        self._message = Message()

    def to(self, address):
        self._message.to.append(address)
        return self

    def subject(self, text):
        self._message.subject = text
        return self

    def body(self, text):
        self._message.body = text

    def build(self):
        return self._message