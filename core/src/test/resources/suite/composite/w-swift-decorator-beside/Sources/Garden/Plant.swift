protocol Planting {
    var litres: Double { get }
    func water()
}

final class Shrub: Planting {
    let litres = 4.0
    func water() { print("a shrub drinks") }
}

final class Herb: Planting {
    let litres = 0.5
    func water() { print("a herb drinks") }
}
