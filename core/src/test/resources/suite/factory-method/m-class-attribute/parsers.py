class Parser:
    def parse(self, text):
        raise NotImplementedError


class CsvParser(Parser):
    def parse(self, text):
        return [line.split(",") for line in text.splitlines()]


class TabParser(Parser):
    def parse(self, text):
        return [line.split("\t") for line in text.splitlines()]
