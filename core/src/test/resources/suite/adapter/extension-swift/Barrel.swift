protocol Weighable {
    func kilos() -> Double
}

final class Barrel {
    private var litres = 40.0

    func volume() -> Double {
        return litres
    }
}

extension Barrel: Weighable {
    func kilos() -> Double {
        return volume() * 1.02
    }
}

final class Scale {
    func weigh(_ thing: Weighable) -> Double {
        return thing.kilos()
    }
}
