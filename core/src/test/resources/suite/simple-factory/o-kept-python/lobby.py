from desks import desk_for


class Lobby:
    def enter(self, hour):
        return desk_for(hour).greet()
