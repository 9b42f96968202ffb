class Reader:
    parser_class = None

    def __init__(self, text):
        self.text = text

    def make_parser(self):
        raise NotImplementedError

    def rows(self):
        parser = self.make_parser()
        return list(parser.parse(self.text))


class CsvParser:
    def parse(self, text):
        for line in text.splitlines():
            yield line.split(",")


class TabParser:
    def parse(self, text):
        return [line.split("\t") for line in text.splitlines()]


class CsvReader(Reader):
    def make_parser(self):
        return CsvParser()


class TabReader(Reader):
    def make_parser(self):
        return TabParser()
