protocol LiftState: AnyObject {
    func press(_ lift: ShipLift)
    func tick(_ lift: ShipLift)
}

final class ShipLift {
    private var state: LiftState = Waiting()

    func press() { state.press(self) }
    func tick() { state.tick(self) }

    fileprivate func enter(_ next: LiftState) { state = next }
}

final class Waiting: LiftState {
    func press(_ lift: ShipLift) { lift.enter(Rising()) }
    func tick(_ lift: ShipLift) {}
}

final class Rising: LiftState {
    private var ticks = 0
    func press(_ lift: ShipLift) {}
    func tick(_ lift: ShipLift) {
        ticks += 1
        if ticks > 3 { lift.enter(Up()) }
    }
}

final class Up: LiftState {
    func press(_ lift: ShipLift) { lift.enter(Waiting()) }
    func tick(_ lift: ShipLift) {}
}
