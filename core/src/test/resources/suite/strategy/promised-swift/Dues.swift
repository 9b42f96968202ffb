protocol Tariff { func dues(_ tons: Int) -> Int }
struct Flat: Tariff { func dues(_ tons: Int) -> Int { 90 } }
struct PerTon: Tariff { func dues(_ tons: Int) -> Int { 3 * tons } }
protocol Desk { var tariff: Tariff { get set } }
extension Desk { func charge(_ tons: Int) -> Int { tariff.dues(tons) + 5 } }
final class Quay: Desk { var tariff: Tariff; init(tariff: Tariff) { self.tariff = tariff } }
func run() -> Int { let quay = Quay(tariff: Flat()); quay.tariff = PerTon(); return quay.charge(4) }
