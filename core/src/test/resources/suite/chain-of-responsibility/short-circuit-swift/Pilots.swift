class Pilot {
    private let next: Pilot?

    init(next: Pilot? = nil) {
        self.next = next
    }

    func takes(_ ship: String) -> Bool {
        knows(ship) || (next?.takes(ship) ?? false)
    }

    func knows(_ ship: String) -> Bool { false }
}

final class RiverPilot: Pilot {
    override func knows(_ ship: String) -> Bool { ship.hasPrefix("R") }
}

final class SeaPilot: Pilot {
    override func knows(_ ship: String) -> Bool { ship.count > 6 }
}

print(RiverPilot(next: SeaPilot()).takes("Sirena II"))
