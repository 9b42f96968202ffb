from radio import Radio, SilentRadio


class Boat:
    def __init__(self, radio=None):
        self.radio = radio or SilentRadio()

    def arrive(self):
        self.radio.call("arrived")
        self.radio.close()


Boat(Radio(16)).arrive()
Boat().arrive()
