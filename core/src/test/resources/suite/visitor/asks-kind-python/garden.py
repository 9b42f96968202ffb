from gardeners import Painter, Pruner
from plants import Bed, Oak, Rose

garden = Bed([Rose(), Oak()])
garden.accept(Pruner())
garden.accept(Painter())
