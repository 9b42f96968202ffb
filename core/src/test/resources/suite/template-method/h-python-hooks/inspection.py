class Inspection:
    def run(self, ship):
        findings = []
        findings.extend(self.check_hull(ship))
        findings.extend(self.check_papers(ship))
        if self.wants_crew(ship):
            findings.append("crew seen")
        self._report(findings)
        return findings

    def check_hull(self, ship):
        raise NotImplementedError

    def check_papers(self, ship):
        raise NotImplementedError

    def wants_crew(self, ship):
        return False

    def _report(self, findings):
        print(len(findings))


class PortState(Inspection):
    def check_hull(self, ship):
        return ["rust"] if ship.age > 20 else []

    def check_papers(self, ship):
        return [p for p in ship.papers if not p]

    def wants_crew(self, ship):
        return ship.crew > 10


class Insurance(Inspection):
    def check_hull(self, ship):
        return [f"{ship.age} years"]

    def check_papers(self, ship):
        return []

    def run(self, ship):
        return super().run(ship)[:1]
