class Menu:
    def entries(self):
        raise NotImplementedError


class CraneMenu(Menu):
    def entries(self):
        return ["lift", "park"]


class TideMenu(Menu):
    def entries(self):
        return ["today"]


class Screen:
    def __init__(self):
        self.menu = self.make_menu()

    def make_menu(self):
        raise NotImplementedError

    def show(self):
        return ", ".join(self.menu.entries())


class CraneScreen(Screen):
    def make_menu(self):
        return CraneMenu()


class TideScreen(Screen):
    def make_menu(self):
        return TideMenu()
