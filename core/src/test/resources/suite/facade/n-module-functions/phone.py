from house import HouseHeating


class PhoneApp:
    def __init__(self):
        self.heating = HouseHeating(["bath", "hall"])

    def tap(self, room):
        self.heating.warm(room, 21)
