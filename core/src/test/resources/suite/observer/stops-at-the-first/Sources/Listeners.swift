final class Tower: BuoyListener {
    private var last = 0.0
    func drifted(by metres: Double) { last = metres }
}

final class Patrol: BuoyListener {
    private var alarms = 0
    func drifted(by metres: Double) {
        if metres > 20 { alarms += 1 }
    }
}

func begin() {
    let buoy = Buoy()
    buoy.add(Tower())
    buoy.add(Patrol())
    buoy.move(4)
}
