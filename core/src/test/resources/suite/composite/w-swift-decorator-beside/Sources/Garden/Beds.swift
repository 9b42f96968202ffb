/// Not a wrapper of one: it holds as many as fit.
final class BedDecorator: Planting {
    private var plantings: [Planting] = []

    func plant(_ planting: Planting) {
        plantings.append(planting)
    }

    var litres: Double {
        plantings.reduce(0) { $0 + $1.litres }
    }

    func water() {
        for planting in plantings {
            planting.water()
        }
    }
}

/// One planting with straw around it.
final class MulchedGroup: Planting {
    private let planting: Planting

    init(_ planting: Planting) {
        self.planting = planting
    }

    var litres: Double { planting.litres * 0.6 }

    func water() {
        print("under the straw")
        planting.water()
    }
}
