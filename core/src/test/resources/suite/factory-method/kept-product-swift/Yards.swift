class Vessel {
    let name: String
    init(name: String) { self.name = name }
    func draught() -> Double { fatalError("each vessel knows its own") }
}

final class Barge: Vessel {
    override func draught() -> Double { 1.2 }
}

final class Schooner: Vessel {
    private let masts: Int
    init(name: String, masts: Int) {
        self.masts = masts
        super.init(name: name)
    }
    override func draught() -> Double { 2.0 + Double(masts) }
}

class Yard {
    private(set) var built = 0

    func makeVessel(named name: String) -> Vessel { fatalError("a yard builds something") }

    func launch(_ name: String) -> String {
        let vessel = makeVessel(named: name)
        built += 1
        return "\(vessel.name) draws \(vessel.draught())"
    }
}

final class BargeYard: Yard {
    private lazy var prototype = Barge(name: "first")
    override func makeVessel(named name: String) -> Vessel { prototype }
}

final class SailYard: Yard {
    override func makeVessel(named name: String) -> Vessel { Schooner(name: name, masts: 3) }
}
