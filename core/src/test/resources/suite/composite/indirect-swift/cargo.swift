protocol Load {
    func weight() -> Double
}

struct Crate: Load {
    let kilos: Double
    func weight() -> Double { kilos }
}

final class Pallet: Load {
    private var loads: [any Load] = []

    func add(_ load: any Load) {
        loads.append(load)
    }

    func weight() -> Double {
        loads.reduce(25) { $0 + $1.weight() }
    }
}

let pallet = Pallet()
pallet.add(Crate(kilos: 3))
pallet.add(Pallet())
print(pallet.weight())
