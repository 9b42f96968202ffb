struct Stay {
    let days: Int
    let metres: Double
}

final class Tariff {
    private let rule: (Stay) -> Double

    init(rule: @escaping (Stay) -> Double) {
        self.rule = rule
    }

    func price(_ stay: Stay) -> Double {
        rule(stay).rounded()
    }
}

let byLength: (Stay) -> Double = { $0.metres * 1.4 * Double($0.days) }
let flat: (Stay) -> Double = { _ in 25 }

print(Tariff(rule: byLength).price(Stay(days: 2, metres: 9)))
print(Tariff(rule: flat).price(Stay(days: 2, metres: 9)))
