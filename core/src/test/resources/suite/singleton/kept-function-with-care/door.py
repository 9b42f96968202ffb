from settings import settings


def opens() -> str:
    return settings().get("opens")
