final class CargoReport {
    let ship: String
    let captain: String
    let tons: Int
    let harbour: String
    let date: String
    let insured: Bool

    init(ship: String, captain: String, tons: Int, harbour: String, date: String, insured: Bool) {
        self.ship = ship
        self.captain = captain
        self.tons = tons
        self.harbour = harbour
        self.date = date
        self.insured = insured
    }

    func line() -> String { "\(ship) \(tons) t, \(harbour)" }
}
