from abc import ABC, abstractmethod


class Writer(ABC):
    @abstractmethod
    def write(self, row): ...


class TextWriter(Writer):
    def write(self, row):
        return str(row)


class TableWriter(Writer):
    def write(self, row):
        return "|" + str(row)


class Exporter(ABC):
    @abstractmethod
    def writer(self) -> Writer: ...

    def export(self, rows):
        out = self.writer()
        return [out.write(row) for row in rows]


class TextExporter(Exporter):
    def writer(self) -> Writer:
        return TextWriter()


class TableExporter(Exporter):
    def writer(self) -> Writer:
        return TableWriter()
