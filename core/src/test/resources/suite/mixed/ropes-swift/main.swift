let first = SteelRope(metres: 30, fibre: "steel")
let second = first.copy()
second.metres = 42
let mooring = try MooringPlan().rope(first).rope(second).fenders(4).finished()
print(mooring.ropes.count, mooring.note ?? "")
