final class Pennant {
    var colour: String
    var length: Int

    init(colour: String, length: Int) {
        self.colour = colour
        self.length = length
    }

    func copy() -> Pennant {
        return Pennant(colour: colour, length: length)
    }
}

final class Locker {
    func spare(of pennant: Pennant) -> Pennant {
        return pennant.copy()
    }
}
