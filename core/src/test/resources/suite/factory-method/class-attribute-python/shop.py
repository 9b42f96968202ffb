from presses import FlyerPress, PosterPress


class Shop:
    def __init__(self, press):
        self.press = press

    def order(self, text):
        return self.press.run(text)


Shop(PosterPress()).order("fair")
Shop(FlyerPress()).order("market")
