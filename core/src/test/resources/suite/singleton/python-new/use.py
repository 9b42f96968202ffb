from conf import PortConfig

class Lamp:
    def power(self):
        return PortConfig().get("watts")
