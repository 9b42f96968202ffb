from cargo import Box, Flat, Tank
from visitors import Lister, Weigher

train = Flat(Box(12), Tank(400))
for visitor in (Weigher(), Lister()):
    train.accept(visitor)
