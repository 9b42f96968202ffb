from app.images import DeferredImage, Image


class Gallery:
    def __init__(self, paths: list[str]) -> None:
        self._images: list[Image] = [DeferredImage(path) for path in paths]

    def show(self, index: int) -> str:
        return self._images[index].draw()
