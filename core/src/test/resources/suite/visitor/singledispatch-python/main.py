from cargo import Crate, Stack
from visitors import Counter, Weigher

load = Stack([Crate(3), Stack([Crate(4)])])
print(load.accept(Weigher()), load.accept(Counter()))
