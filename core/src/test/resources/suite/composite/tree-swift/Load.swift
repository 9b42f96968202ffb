protocol Load {
    func kilos() -> Int
}

struct Sack: Load {
    let weight: Int

    func kilos() -> Int {
        return weight
    }
}

final class Wagon: Load {
    private var loads: [Load] = []

    func add(_ load: Load) {
        loads.append(load)
    }

    func kilos() -> Int {
        var sum = 0
        for load in loads {
            sum += load.kilos()
        }
        return sum
    }
}

final class Scale {
    func weigh(_ load: Load) -> Int {
        return load.kilos()
    }
}
