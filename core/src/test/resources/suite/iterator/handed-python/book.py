class LogBook:
    def __init__(self):
        self._entries = []

    def write(self, text):
        self._entries.append(text)

    def __iter__(self):
        return iter(self._entries)


book = LogBook()
book.write("left at dawn")
for entry in book:
    print(entry)
