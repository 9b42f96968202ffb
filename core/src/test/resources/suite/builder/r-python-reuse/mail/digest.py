from mail.message import Message, MessageBuilder


class Digest:
    def weekly(self, address: str, lines: list[str]) -> Message:
        builder = MessageBuilder().to(address).subject("This week")
        builder.body("\n".join(lines))
        return builder.build()
