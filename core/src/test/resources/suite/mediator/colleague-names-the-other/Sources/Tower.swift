protocol Tower: AnyObject {
    func arrived(_ ship: Ship)
    func free(_ tug: Tug)
}

final class Ship {
    private let tower: Tower
    private(set) var moored = false
    private var tug: Tug?

    init(tower: Tower) { self.tower = tower }

    func arrive() { tower.arrived(self) }
    func take(_ tug: Tug) {
        self.tug = tug
        tug.push()
        moored = true
    }
}

final class Tug {
    private let tower: Tower
    private var busy = false

    init(tower: Tower) { self.tower = tower }

    func push() { busy = true }
    func done() {
        busy = false
        tower.free(self)
    }
}

final class PortTower: Tower {
    private var ships: [Ship] = []
    private var tugs: [Tug] = []

    func add(_ tug: Tug) { tugs.append(tug) }
    func arrived(_ ship: Ship) {
        ships.append(ship)
        if let tug = tugs.popLast() {
            tug.push()
            ship.take(tug)
        }
    }
    func free(_ tug: Tug) {
        tugs.append(tug)
        if let ship = ships.first(where: { !$0.moored }) {
            ship.take(tug)
        }
    }
}

func morning() {
    let tower = PortTower()
    tower.add(Tug(tower: tower))
    Ship(tower: tower).arrive()
}
