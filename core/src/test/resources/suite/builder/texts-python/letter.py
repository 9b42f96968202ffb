from abc import ABC, abstractmethod


class Letter:
    def __init__(self):
        self.parts = []

    def text(self):
        return ", ".join(self.parts)


class LetterBuilder(ABC):
    @property
    @abstractmethod
    def letter(self):
        ...

    @abstractmethod
    def head(self):
        ...

    @abstractmethod
    def body(self):
        ...

    @abstractmethod
    def seal(self):
        ...


class PortLetters(LetterBuilder):
    def __init__(self):
        self.reset()

    def reset(self):
        self._letter = Letter()

    @property
    def letter(self):
        letter = self._letter
        self.reset()
        return letter

    def head(self):
        self._letter.parts.append("Port of Aldera")

    def body(self):
        self._letter.parts.append("your berth is ready")

    def seal(self):
        self._letter.parts.append("sealed")


class Secretary:
    def __init__(self):
        self._builder = None

    @property
    def builder(self):
        return self._builder

    @builder.setter
    def builder(self, builder):
        self._builder = builder

    def short(self):
        self.builder.head()
        self.builder.body()

    def full(self):
        self.builder.head()
        self.builder.body()
        self.builder.seal()


secretary = Secretary()
builder = PortLetters()
secretary.builder = builder
secretary.full()
print(builder.letter.text())
