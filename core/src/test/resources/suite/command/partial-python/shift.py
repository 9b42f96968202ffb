from functools import partial

from shore import Winch, WorkQueue

winch = Winch()
queue = WorkQueue()
queue.submit(partial(winch.slack, 12))
queue.submit(lambda: winch.haul(3))
queue.drain()
print(winch.rope)
