from book import book


class Gate:
    def arrive(self, ship: str) -> None:
        book().enter(ship)
