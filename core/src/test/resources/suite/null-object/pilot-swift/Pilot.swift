protocol Pilot {
    var fee: Int { get }
    func guide(_ ship: String)
}

final class HarbourPilot: Pilot {
    private var guided: [String] = []
    let fee = 300
    func guide(_ ship: String) { guided.append(ship) }
}

struct NoPilot: Pilot {
    var fee: Int { 0 }
    func guide(_ ship: String) {}
}

final class Arrival {
    private let pilot: Pilot
    init(pilot: Pilot?) { self.pilot = pilot ?? NoPilot() }
    func enter(_ ship: String) -> Int {
        pilot.guide(ship)
        return 100 + pilot.fee
    }
}
