from freight import QuoteDesk
from freight.quotes import bunker, winter

desk = QuoteDesk([bunker, winter])
print(desk.quote("L", "Northern Line", 900))
print(desk.quote("C", "Ariel", 120).cheaper(100))
