from abc import ABC, abstractmethod


class Image(ABC):
    @abstractmethod
    def size(self) -> tuple[int, int]: ...

    @abstractmethod
    def draw(self) -> str: ...


class FileImage(Image):
    def __init__(self, path: str) -> None:
        with open(path, "rb") as file:
            self._bytes = file.read()

    def size(self) -> tuple[int, int]:
        return len(self._bytes), 1

    def draw(self) -> str:
        return self._bytes.hex()


class DeferredImage(Image):
    def __init__(self, path: str) -> None:
        self._path = path
        self._image: FileImage | None = None

    def _real(self) -> FileImage:
        if self._image is None:
            self._image = FileImage(self._path)
        return self._image

    def size(self) -> tuple[int, int]:
        return self._real().size()

    def draw(self) -> str:
        return self._real().draw()

    def path(self) -> str:
        return self._path
