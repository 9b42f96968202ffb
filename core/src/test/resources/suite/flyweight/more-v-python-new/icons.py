class Icon:
    _known: dict[tuple[str, int], "Icon"] = {}

    def __new__(cls, name: str, size: int = 16) -> "Icon":
        key = (name, size)
        icon = cls._known.get(key)
        if icon is None:
            icon = super().__new__(cls)
            icon.name = name
            icon.size = size
            cls._known[key] = icon
        return icon

    def draw(self, x: int, y: int) -> str:
        return f"{self.name}@{x},{y}"


class Toolbar:
    def __init__(self, names: list[str]) -> None:
        self.icons = [Icon(name) for name in names]

    def paint(self) -> list[str]:
        return [icon.draw(i * 20, 0) for i, icon in enumerate(self.icons)]
