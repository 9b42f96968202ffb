from reports import HtmlReportBuilder, TextReportBuilder


class MonthlyReporter:
    def __init__(self, builder: TextReportBuilder):
        self._builder = builder

    def make(self, rows):
        self._builder.add_head("Month")
        for row in rows:
            self._builder.add_row(row)
        return self._builder.result()


def both(rows):
    web = HtmlReportBuilder()
    web.add_head("x")
    web.add_row(["y"])
    return MonthlyReporter(TextReportBuilder()).make(rows), web.result()
