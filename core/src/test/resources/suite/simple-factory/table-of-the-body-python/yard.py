class Boat:
    def launch(self):
        raise NotImplementedError


class Tug(Boat):
    def launch(self):
        return 1


class Ferry(Boat):
    def launch(self):
        return 2


class Yard:
    def boat_for(self, e):
        return {"tug": Tug, "ferry": Ferry}[e]()
