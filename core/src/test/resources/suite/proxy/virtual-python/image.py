from abc import ABC, abstractmethod


class Image(ABC):
    @abstractmethod
    def show(self): ...


class Photo(Image):
    def __init__(self, path):
        self.pixels = list(path)

    def show(self):
        return self.pixels


class LazyImage(Image):
    def __init__(self, path):
        self._path = path
        self._photo = None

    def show(self):
        if self._photo is None:
            self._photo = Photo(self._path)
        return self._photo.show()


class Album:
    def __init__(self):
        self.images = []

    def add(self, image: Image):
        self.images.append(image)

    def first(self):
        return self.images[0].show()
