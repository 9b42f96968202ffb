from jobs import Feed, PrintPage
from queue import Printer, Spooler

spooler = Spooler()
printer = Printer()
spooler.put(Feed(printer, 2))
spooler.put(PrintPage(printer))
spooler.work()
