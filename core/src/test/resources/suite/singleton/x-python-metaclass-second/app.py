from config import Settings


class Screen:
    def title(self):
        return Settings().get("title", "untitled")


class Menu:
    def rename(self, title):
        Settings().set("title", title)


Menu().rename("tides")
print(Screen().title())
