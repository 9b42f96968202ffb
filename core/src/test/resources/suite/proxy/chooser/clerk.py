from docs import Document, open_document

class Clerk:
    def __init__(self, document: Document):
        self._document = document

    def read(self):
        return self._document.text()

def main():
    return Clerk(open_document("a.txt", True)).read()
