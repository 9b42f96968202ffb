protocol Buoy {
    func signal() -> String
}

struct LateralBuoy: Buoy {
    let port: Bool
    func signal() -> String { port ? "red" : "green" }
}

struct CardinalBuoy: Buoy {
    func signal() -> String { "black over yellow" }
}

struct SafeWaterBuoy: Buoy {
    func signal() -> String { "red and white" }
}

enum BuoyKind: String {
    case lateral, cardinal, safeWater
}

enum BuoyCatalogue {
    static func make(_ kind: BuoyKind, port: Bool = true) -> Buoy {
        switch kind {
        case .lateral: return LateralBuoy(port: port)
        case .cardinal: return CardinalBuoy()
        case .safeWater: return SafeWaterBuoy()
        }
    }
}
