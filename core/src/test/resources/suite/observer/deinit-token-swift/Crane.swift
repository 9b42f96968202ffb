final class Crane {
    private var locked = false
    private var subscription: Subscription?

    func watch(_ anemometer: Anemometer) {
        subscription = anemometer.onGust { [weak self] knots in
            self?.locked = knots > 30
        }
    }
}
