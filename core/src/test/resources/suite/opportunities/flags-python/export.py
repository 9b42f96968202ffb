class ShipExport:
    def __init__(self, with_owner=False, with_cargo=False, compress=False):
        self.with_owner = with_owner
        self.with_cargo = with_cargo
        self.compress = compress

    def run(self, ship):
        parts = [ship["name"]]
        if self.with_owner:
            parts.append(ship["owner"])
        if self.with_cargo:
            parts.extend(ship["cargo"])
        text = "\n".join(parts)
        if self.compress:
            text = text.replace(" ", "")
        return text
