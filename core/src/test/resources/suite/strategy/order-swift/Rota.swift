final class Rota {
    private var names: [String] = []
    private let order: (String, String) -> Bool

    init(order: @escaping (String, String) -> Bool) {
        self.order = order
    }

    func enter(_ name: String) { names.append(name) }
    func watches() -> [String] { names.sorted(by: order) }
}

let day = Rota(order: { $0 < $1 })
day.enter("Ines")
let night = Rota { $0.count < $1.count }
night.enter("Bo")
print(day.watches(), night.watches())
