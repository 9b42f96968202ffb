from abc import ABC, abstractmethod


class ReportBuilder(ABC):
    @abstractmethod
    def add_head(self, text): ...

    @abstractmethod
    def add_row(self, cells): ...

    @abstractmethod
    def result(self): ...


class Report:
    def __init__(self, parts):
        self.parts = parts

    def lines(self):
        return len(self.parts)


class TextReportBuilder(ReportBuilder):
    def __init__(self):
        self._parts = []

    def add_head(self, text):
        self._parts.append(text.upper())

    def add_row(self, cells):
        self._parts.append(" ".join(cells))

    def result(self):
        return Report(self._parts)


class HtmlReportBuilder(ReportBuilder):
    def __init__(self):
        self._parts = []

    def add_head(self, text):
        self._parts.append(f"<h1>{text}</h1>")

    def add_row(self, cells):
        self._parts.append("<tr>" + "".join(cells) + "</tr>")

    def result(self):
        return Report(list(self._parts))
