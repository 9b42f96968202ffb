class Stamps:
    def __init__(self, office):
        self.office = office

    def press(self, paper):
        self.office.note(f"stamped {paper}")
        return f"{paper}*"


class Files:
    def __init__(self):
        self.kept = []

    def keep(self, paper):
        self.kept.append(paper)


class Post:
    def send(self, paper, to):
        return f"{paper} to {to}"


class CustomsOffice:
    def __init__(self):
        self.stamps = Stamps(self)
        self.files = Files()
        self.post = Post()
        self.notes = []

    def note(self, text):
        self.notes.append(text)

    def clear(self, paper, to):
        stamped = self.stamps.press(paper)
        self.files.keep(stamped)
        return self.post.send(stamped, to)
