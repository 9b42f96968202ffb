protocol Tower: AnyObject {
    func ready(_ boat: Boat)
    func gone(_ boat: Boat)
}

class Boat {
    weak var tower: Tower?
    let name: String
    fileprivate(set) var moored = true

    init(name: String) {
        self.name = name
    }

    func warm() {
        tower?.ready(self)
    }

    func leave() {
        moored = false
        tower?.gone(self)
    }
}

final class PilotBoat: Boat {
    func escort(_ other: String) {
        print("\(name) escorts \(other)")
    }
}

final class Trawler: Boat {
    var lights = false

    func show() {
        lights = true
    }
}

final class HarbourTower: Tower {
    private let pilot: PilotBoat
    private let trawler: Trawler

    init(pilot: PilotBoat, trawler: Trawler) {
        self.pilot = pilot
        self.trawler = trawler
        pilot.tower = self
        trawler.tower = self
    }

    func ready(_ boat: Boat) {
        if boat === trawler {
            trawler.show()
            pilot.escort(trawler.name)
        }
    }

    func gone(_ boat: Boat) {
        if boat === pilot {
            trawler.show()
        }
    }
}
