from gate import Gate

gate = Gate()
gate.push()
gate.push()
gate.lock()
print(gate.passed)
