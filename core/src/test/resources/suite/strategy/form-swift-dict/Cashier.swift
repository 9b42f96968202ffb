protocol Tariff { func fee(_ tons: Int) -> Int }
struct ByWeight: Tariff { func fee(_ tons: Int) -> Int { tons * 3 } }
struct Flat: Tariff { func fee(_ tons: Int) -> Int { 100 } }
final class Cashier {
    private var tariffs: [String: Tariff] = [:]
    func register(_ tariff: Tariff, for kind: String) { tariffs[kind] = tariff }
    func bill(_ kind: String, _ tons: Int) -> Int { tariffs[kind]?.fee(tons) ?? 0 }
}
