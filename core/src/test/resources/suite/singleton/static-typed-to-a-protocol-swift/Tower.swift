final class Tower {
    func strike() -> Double { PortClock.shared.now() }
}
