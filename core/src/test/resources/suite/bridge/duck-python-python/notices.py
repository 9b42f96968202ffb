class Notice:
    def __init__(self, way):
        self.way = way

    def send(self, text):
        self.way.deliver(text)


class Warning(Notice):
    def send(self, text):
        self.way.deliver("WARNING " + text)


class Closing(Notice):
    def send(self, text):
        for line in text.splitlines():
            self.way.deliver(line)


class ByRadio:
    def deliver(self, text):
        print("radio:", text)


class ByFlag:
    def deliver(self, text):
        print("flag:", text[:3])


Warning(ByRadio()).send("gale")
Closing(ByFlag()).send("north gate\nsouth gate")
