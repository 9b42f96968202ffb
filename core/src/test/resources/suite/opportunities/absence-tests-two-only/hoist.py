class Horn:
    def sound(self):
        print("hoot")


class Hoist:
    def __init__(self, horn=None):
        self.horn = horn
        self.height = 0

    def up(self):
        if self.horn is not None:
            self.horn.sound()
        self.height += 1

    def down(self):
        if self.horn:
            self.horn.sound()
        self.height -= 1


Hoist(Horn()).up()
