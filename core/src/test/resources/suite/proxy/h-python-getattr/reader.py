from archive import Archive, LazyArchive


class ReadingRoom:
    def __init__(self, archive):
        self.archive = archive

    def look_up(self, word):
        return self.archive.find(word)


room = ReadingRoom(LazyArchive("1911.txt"))
room.look_up("Ariel")
print(Archive("1912.txt").count())
