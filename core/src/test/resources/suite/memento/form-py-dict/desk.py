from plan import Plan, Log


def work():
    plan = Plan()
    log = Log(plan)
    log.note()
    plan.move("nine")
    log.undo()
