from __future__ import annotations


class Front:
    def __init__(self, pump: Pump, lamp: Lamp) -> None:
        self._pump = pump or Pump()
        self._lamp = lamp or Lamp()

    def begin(self) -> str:
        results = []
        results.append("begin:")
        results.append(self._pump.ready())
        results.append(self._lamp.ready())
        results.append(self._pump.run())
        results.append(self._lamp.shine())
        return "\n".join(results)


class Pump:
    def ready(self) -> str:
        return "pump ready"

    def run(self) -> str:
        return "pump runs"


class Lamp:
    def ready(self) -> str:
        return "lamp ready"

    def shine(self) -> str:
        return "lamp shines"


def client(front: Front) -> None:
    print(front.begin(), end="")


client(Front(Pump(), Lamp()))
