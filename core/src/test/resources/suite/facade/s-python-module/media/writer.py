class Writer:
    def __init__(self):
        self.out = []

    def append(self, frame):
        self.out.append(frame)

    def close(self, path):
        with open(path, "wb") as file:
            file.write(b"".join(self.out))
