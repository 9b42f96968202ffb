class Report:
    def write(self):
        lines = [self.head()]
        lines.extend(self.body())
        return "\n".join(lines)

    def head(self):
        return "report"

    def body(self):
        raise NotImplementedError


class TideReport(Report):
    def head(self):
        return "tide"

    def body(self):
        return ["high", "low"]


class WindReport(Report):
    def body(self):
        return ["north"]
