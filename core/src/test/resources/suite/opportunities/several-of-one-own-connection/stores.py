class CargoStore:
    def __init__(self, url):
        self.url = url
        self.rows = []

    def save(self, row):
        self.rows.append(row)

    def size(self):
        return len(self.rows)


class Intake:
    def __init__(self):
        self.store = CargoStore("db://aldera/cargo")

    def take(self, crate):
        self.store.save(crate)


class Outgoing:
    def __init__(self):
        self.store = CargoStore("db://aldera/cargo")

    def send(self, crate):
        self.store.save("-" + crate)
        return self.store.size()


Intake().take("rope")
print(Outgoing().send("salt"))
