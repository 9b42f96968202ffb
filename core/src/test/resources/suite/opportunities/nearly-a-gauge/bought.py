class PressureProbe:
    """Came with the dredger."""

    def __init__(self):
        self._millibars = 0.0

    def read(self) -> float:
        return self._millibars / 98.1

    def set_zero(self, level: float) -> None:
        self._millibars = level * 98.1

    def name(self) -> str:
        return "probe"
