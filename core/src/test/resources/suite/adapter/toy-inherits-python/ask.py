class Ask:
    def ask(self) -> str:
        return "question"


class Backwards:
    def ask_backwards(self) -> str:
        return "noitseuq"


class Turned(Ask, Backwards):
    def ask(self) -> str:
        return f"turned: {self.ask_backwards()[::-1]}"


def client(ask: Ask) -> None:
    print(ask.ask(), end="")


if __name__ == "__main__":
    client(Ask())
    client(Turned())
