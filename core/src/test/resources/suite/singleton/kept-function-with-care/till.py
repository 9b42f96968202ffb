from settings import settings


class Till:
    def vat(self, cents: int) -> int:
        return cents * int(settings().get("vat") or 0) // 100
