from settings import settings


class Gate:
    def open(self):
        return settings.get("gate", True)
