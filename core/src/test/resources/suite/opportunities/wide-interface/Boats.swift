protocol HarbourCraft {
    func tow(_ name: String)
    func dredge(metres: Int)
    func fightFire()
    func moor()
}

class TugBoat: HarbourCraft {
    var towed: [String] = []
    func tow(_ name: String) { towed.append(name) }
    func dredge(metres: Int) { fatalError("a tug does not dredge") }
    func fightFire() { }
    func moor() { towed.removeAll() }
}

class FireBoat: HarbourCraft {
    var pumping = false
    func tow(_ name: String) { }
    func dredge(metres: Int) { }
    func fightFire() { pumping = true }
    func moor() { pumping = false }
}

class Master {
    var fleet: [HarbourCraft] = [TugBoat(), FireBoat()]
    func alarm() {
        for craft in fleet { craft.fightFire() }
    }
    func evening() { fleet.forEach { $0.moor() } }
}
