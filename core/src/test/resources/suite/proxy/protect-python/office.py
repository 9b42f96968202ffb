from vault import Archive, Documents, GuardedArchive


class Office:
    def __init__(self, documents: Documents):
        self.documents = documents

    def file(self, name, text):
        self.documents.write(name, text)


def office_for(user):
    return Office(GuardedArchive(Archive(), user))
