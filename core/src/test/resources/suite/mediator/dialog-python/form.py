class Form:
    def __init__(self):
        self.box = Box(self)
        self.knob = Knob(self)

    def changed(self, sender):
        if sender is self.box:
            self.knob.enable()
        else:
            self.box.clear()


class Box:
    def __init__(self, form: Form):
        self._form = form
        self.text = ""

    def type(self, text):
        self.text = text
        self._form.changed(self)

    def clear(self):
        self.text = ""


class Knob:
    def __init__(self, form: Form):
        self._form = form
        self.enabled = False

    def press(self):
        self._form.changed(self)

    def enable(self):
        self.enabled = True
