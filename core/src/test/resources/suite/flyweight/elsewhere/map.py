from icons import Icon, IconTray


class HarbourMap:
    def draw(self, names):
        return [IconTray.get(name).draw(i, 0) for i, name in enumerate(names)]

    def enlarge(self, name):
        icon = IconTray.get(name)
        icon.size = 32
        return icon.draw(0, 0)

    def logo(self):
        return Icon("logo").draw(9, 9)
