class FerryState:
    def board(self, ferry, cars):
        pass

    def cast_off(self, ferry):
        pass

    def land(self, ferry):
        pass


class AtPier(FerryState):
    def board(self, ferry, cars):
        ferry.cars += cars

    def cast_off(self, ferry):
        ferry.state = AtSea()


class AtSea(FerryState):
    def land(self, ferry):
        ferry.state = AtPier()
        ferry.cars = 0


class InDock(FerryState):
    def board(self, ferry, cars):
        print("in dock")


class Ferry:
    def __init__(self):
        self.state = AtPier()
        self.cars = 0

    def board(self, cars):
        self.state.board(self, cars)

    def cast_off(self):
        self.state.cast_off(self)

    def land(self):
        self.state.land(self)

    def sign(self):
        if isinstance(self.state, AtSea):
            return "at sea"
        return "come aboard"
