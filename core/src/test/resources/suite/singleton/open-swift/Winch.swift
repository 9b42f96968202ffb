final class Winch {
    static let standard = Winch(power: 10)
    var power: Int

    init(power: Int) {
        self.power = power
    }
}

final class Deck {
    func haul() -> Int {
        let strong = Winch(power: 50)
        strong.power += Winch.standard.power
        return strong.power
    }
}
