class Plan:
    def __init__(self, ship, berth):
        self.ship = ship
        self.berth = berth
        self.notes = []
        self.priority = 0


class Night:
    def carry_over(self, plan: Plan) -> Plan:
        tomorrow = Plan(plan.ship, plan.berth)
        tomorrow.priority = plan.priority
        return tomorrow
