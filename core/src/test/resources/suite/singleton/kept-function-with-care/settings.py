from functools import lru_cache


class Settings:
    def __init__(self, path: str) -> None:
        self.path = path
        self.values: dict[str, str] = {}

    def get(self, name: str) -> str:
        return self.values.get(name, "")


@lru_cache(maxsize=None)
def settings() -> Settings:
    try:
        return Settings("/etc/aldera.conf")
    finally:
        print("settings read")
