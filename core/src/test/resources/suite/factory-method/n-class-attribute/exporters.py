class Writer:
    def write(self, rows):
        raise NotImplementedError


class CsvWriter(Writer):
    def write(self, rows):
        return "\n".join(",".join(row) for row in rows)


class HtmlWriter(Writer):
    def write(self, rows):
        return "<table>" + "".join("<tr>" + "".join(row) + "</tr>" for row in rows) + "</table>"


class Export:
    writer_class = None

    def make_writer(self):
        return self.writer_class()

    def run(self, rows):
        return self.make_writer().write(rows)


class CsvExport(Export):
    writer_class = CsvWriter


class HtmlExport(Export):
    writer_class = HtmlWriter
