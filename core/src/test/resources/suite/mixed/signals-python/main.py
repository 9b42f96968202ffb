from signals.base import Blinking, Lamp, Stack
from signals.orders import Mast, ShowOrder, Watch

mast = Mast()
watch = Watch()
watch.do(ShowOrder(mast, Stack().put(Lamp("red")).put(Blinking(Lamp("white"), 2))))
watch.do(ShowOrder(mast, Lamp("green")))
watch.undo()
print(mast.text())
