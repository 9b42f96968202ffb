from register import Register


class Office:
    def arrive(self, ship, flag):
        Register().enter(ship, flag)

    def describe(self, ship):
        return f"{ship} under {Register().flag_of(ship)}"
