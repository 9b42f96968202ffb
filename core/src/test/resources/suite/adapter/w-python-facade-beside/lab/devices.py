class Scale:
    def tare(self):
        self._zero = self._raw()

    def _raw(self):
        return 12.5

    def grams(self):
        return self._raw() - self._zero


class Oven:
    def heat(self, degrees):
        self.degrees = degrees

    def off(self):
        self.degrees = 20


class Balance2000:
    """The new scale of another maker, in milligrams."""

    def zero(self):
        self._at = 0

    def read_milligrams(self):
        return 15200
