from plan import MooringPlan, TowPlan


def next_week(plan: MooringPlan):
    again = plan.duplicate()
    again.berth = "north"
    return again


next_week(MooringPlan("south"))
next_week(TowPlan("south", 2))
