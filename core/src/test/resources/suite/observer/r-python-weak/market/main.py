from market.ticker import Ticker
from market.views import Alarm, Chart, Muted

ticker = Ticker()
chart, alarm, muted = Chart(), Alarm(40.0), Muted()
for one in (chart, alarm, muted):
    ticker.subscribe(one)
ticker.quote("OLV", 41.5)
