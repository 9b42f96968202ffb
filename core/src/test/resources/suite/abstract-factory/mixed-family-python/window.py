from skins import Skin


class Window:
    def __init__(self, skin: Skin):
        self.ok = skin.button()
        self.volume = skin.slider()

    def use(self):
        return self.ok.press(), self.volume.slide(3)
