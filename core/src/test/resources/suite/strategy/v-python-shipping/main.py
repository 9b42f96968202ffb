from shipping.costs import ByWeight, FlatRate, FreeAbove
from shipping.parcel import Parcel, Quote

quote = Quote(Parcel(2.5, 80), FlatRate(6))
print(quote.price())
quote.change(ByWeight(3))
print(quote.price())
quote.change(FreeAbove(ByWeight(3), 50))
print(quote.price())
