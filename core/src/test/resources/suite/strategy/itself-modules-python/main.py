import steam
import powder
from cleaner import Cleaner

Cleaner(steam).run([])
Cleaner(powder).run([])
