class Tides:
    def __init__(self, after):
        self.after = after

    def answer(self, question):
        if question == "tide":
            return "low"
        return self.after.answer(question)


class Berths:
    def __init__(self, after):
        self.after = after

    def answer(self, question):
        if question == "berth":
            return "nine"
        return self.after.answer(question)


class Nobody:
    def answer(self, question):
        return "nobody knows"
