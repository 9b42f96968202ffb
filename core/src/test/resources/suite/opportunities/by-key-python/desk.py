class Form:
    def text(self):
        raise NotImplementedError


class ArrivalForm(Form):
    def text(self):
        return "arrival"


class CargoForm(Form):
    def text(self):
        return "cargo"


class Desk:
    def __init__(self):
        self.shown = []

    def show(self, kind):
        if kind == "arrival":
            form = ArrivalForm()
        elif kind == "cargo":
            form = CargoForm()
        else:
            raise ValueError(kind)
        self.shown.append(form.text())
