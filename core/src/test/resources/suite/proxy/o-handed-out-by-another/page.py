from images import Image, open_image


class Page:
    def __init__(self, paths: list[str]):
        self._images: list[Image] = [open_image(path) for path in paths]

    def show(self, number: int) -> str:
        return self._images[number].paint()


print(Page(["a.png", "b.png"]).show(1))
