class Room:
    def __init__(self):
        self._members = {}

    def enter(self, member):
        self._members[member.name] = member
        member.room = self

    def say(self, sender, text):
        for member in self._members.values():
            if member is not sender:
                member.hear(sender.name, text)

    def whisper(self, sender, to, text):
        self._members[to].hear(sender.name, text)


class Member:
    def __init__(self, name):
        self.name = name
        self.room = None
        self.heard = []

    def say(self, text):
        self.room.say(self, text)

    def whisper(self, to, text):
        self.room.whisper(self, to, text)

    def hear(self, sender, text):
        self.heard.append((sender, text))


class Moderator(Member):
    def warn(self, who):
        self.whisper(who, "please be polite")

    def hear(self, sender, text):
        if "!" in text:
            self.warn(sender)
