from lock import Gate

gate = Gate()
gate.push()
gate.push()
gate.pull()
