class WeighIn:
    def __init__(self):
        self.total = 0

    def visit_container(self, container):
        self.total += container.weight

    def visit_reefer(self, reefer):
        self.total += reefer.weight + 200

    def visit_vessel(self, vessel):
        self.total += 12000


class Manifest:
    def __init__(self):
        self.lines = []

    def visit_container(self, container):
        self.lines.append(f"container {container.weight}")

    def visit_reefer(self, reefer):
        self.lines.append(f"reefer {reefer.degrees}")

    def visit_vessel(self, vessel):
        self.lines.append("vessel")
