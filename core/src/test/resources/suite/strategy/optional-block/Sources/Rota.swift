final class Rota {
    private let names: [String]
    private var order: ((String, String) -> Bool)!

    init(names: [String]) {
        self.names = names
    }

    func use(_ order: @escaping (String, String) -> Bool) {
        self.order = order
    }

    func first() -> String {
        let sorted = names.sorted(by: order)
        return sorted[0]
    }
}

func byLength(_ a: String, _ b: String) -> Bool { a.count < b.count }

func today() -> [String] {
    let rota = Rota(names: ["Ines", "Bo", "Carla"])
    rota.use { $0 < $1 }
    let one = rota.first()
    rota.use(byLength)
    return [one, rota.first()]
}
