from support import Engineer, FrontDesk, Ticket

desk = FrontDesk(Engineer("Bo"))
print(desk.handle(Ticket("engine smokes", 8)))
