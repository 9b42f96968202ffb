from report import ArrivalReport, FeeReport, HtmlPrinter, PlainPrinter


def print_day(rows, web):
    printer = HtmlPrinter() if web else PlainPrinter([])
    for report in (ArrivalReport(printer), FeeReport(printer)):
        report.head("Aldera")
        report.body(rows)
