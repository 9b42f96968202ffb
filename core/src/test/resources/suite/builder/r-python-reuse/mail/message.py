from dataclasses import dataclass, field


@dataclass
class Message:
    to: list[str] = field(default_factory=list)
    subject: str = ""
    body: str = ""


class MessageBuilder:
    def __init__(self) -> None:
        self._message = Message()

    def to(self, address: str) -> "MessageBuilder":
        self._message.to.append(address)
        return self

    def subject(self, text: str) -> "MessageBuilder":
        self._message.subject = text
        return self

    def body(self, text: str) -> None:
        self._message.body = text

    def build(self) -> Message:
        return self._message
