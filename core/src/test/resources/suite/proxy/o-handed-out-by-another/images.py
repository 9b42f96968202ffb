from typing import Protocol


class Image(Protocol):
    def size(self) -> tuple[int, int]: ...
    def paint(self) -> str: ...


class FileImage:
    def __init__(self, path: str):
        self._path = path
        self._bytes = open(path, "rb").read()

    def size(self) -> tuple[int, int]:
        return len(self._bytes), 1

    def paint(self) -> str:
        return f"<{self._path}>"


class LateImage:
    def __init__(self, path: str):
        self._path = path
        self._real: FileImage | None = None

    def _load(self) -> FileImage:
        if self._real is None:
            self._real = FileImage(self._path)
        return self._real

    def size(self) -> tuple[int, int]:
        return self._load().size()

    def paint(self) -> str:
        return self._load().paint()


def open_image(path: str, late: bool = True) -> Image:
    return LateImage(path) if late else FileImage(path)
