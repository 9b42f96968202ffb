from abc import ABC, abstractmethod


class Form(ABC):
    @abstractmethod
    def fill(self, name): ...


class LandingForm(Form):
    def fill(self, name):
        return f"landing {name}"


class TransitForm(Form):
    def fill(self, name):
        return f"transit {name}"


class Office(ABC):
    def serve(self, name):
        return self.create_form().fill(name)

    @abstractmethod
    def create_form(self) -> Form: ...


class LandingOffice(Office):
    def create_form(self) -> Form:
        return LandingForm()


class TransitOffice(Office):
    def __init__(self):
        self._form = TransitForm()

    def create_form(self) -> Form:
        return self._form
