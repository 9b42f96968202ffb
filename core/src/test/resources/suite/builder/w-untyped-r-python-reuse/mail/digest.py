from mail.message import Message, MessageBuilder

class Digest:

    def weekly(self, address, lines):
        builder = MessageBuilder().to(address).subject('This week')
        builder.body('\n'.join(lines))
        return builder.build()