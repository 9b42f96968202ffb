protocol Load {
    var tons: Int { get }
    func label() -> String
}

struct Sack: Load {
    let name: String
    let tons: Int
    func label() -> String { name }
}

final class Pallet: Load {
    private var loads: [any Load] = []
    func put(_ load: any Load) { loads.append(load) }
    var tons: Int { loads.reduce(0) { $0 + $1.tons } }
    func label() -> String { loads.map { $0.label() }.joined(separator: ", ") }
}

let pallet = Pallet()
pallet.put(Sack(name: "coal", tons: 3))
print(pallet.tons, pallet.label())
