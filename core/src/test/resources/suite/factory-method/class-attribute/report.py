class Writer:
    def __init__(self):
        self.lines = []

    def line(self, text):
        raise NotImplementedError


class TextWriter(Writer):
    def line(self, text):
        self.lines.append(text)


class HtmlWriter(Writer):
    def line(self, text):
        self.lines.append(f"<p>{text}</p>")


class Report:
    def make_writer(self) -> Writer:
        raise NotImplementedError

    def run(self, rows):
        writer = self.make_writer()
        for row in rows:
            writer.line(row)
        return "\n".join(writer.lines)


class TextReport(Report):
    def make_writer(self):
        return TextWriter()


class HtmlReport(Report):
    def make_writer(self):
        return HtmlWriter()


for report in (TextReport(), HtmlReport()):
    print(report.run(["Rosa", "Marta"]))
