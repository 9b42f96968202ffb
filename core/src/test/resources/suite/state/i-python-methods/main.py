from lock import Lock
lock = Lock()
for what in ["boat", "tick", "tick", "passed"]:
    lock.signal(what)
