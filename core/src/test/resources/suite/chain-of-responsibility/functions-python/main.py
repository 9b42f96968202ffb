from desk import Head, Teller

desk = Teller(Head())
print(desk.decide(None))
