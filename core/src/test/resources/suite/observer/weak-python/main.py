from gauge import Gauge
from watchers import Log, Siren

gauge = Gauge()
gauge.watch(Siren(30))
gauge.watch(Log())
gauge.level = 31
