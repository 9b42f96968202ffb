from parsers import CsvParser, Parser, TabParser


class Loader:
    def create_parser(self) -> Parser:
        raise NotImplementedError

    def load(self, path):
        parser = self.create_parser()
        with open(path) as file:
            return parser.parse(file.read())


class CsvLoader(Loader):
    def create_parser(self) -> Parser:
        return CsvParser()


class TabLoader(Loader):
    def create_parser(self) -> Parser:
        return TabParser()
