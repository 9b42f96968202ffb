from tables import tide_table


class Pilot:
    def plan(self, day):
        return (tide_table().metres(day) or 0) > 3


tide_table().enter("monday", 4.1)
print(Pilot().plan("monday"))
