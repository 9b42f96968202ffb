protocol BerthPricing { func cents(metres: Int, nights: Int) -> Int }
struct SummerPricing: BerthPricing { func cents(metres: Int, nights: Int) -> Int { metres * nights * 120 } }
struct WinterPricing: BerthPricing { func cents(metres: Int, nights: Int) -> Int { metres * nights * 45 } }
final class BerthInvoice {
    var pricing: BerthPricing!
    private let metres: Int
    init(metres: Int) { self.metres = metres }
    func total(nights: Int) -> Int {
        if pricing is SummerPricing { print("high season") }
        return pricing.cents(metres: metres, nights: nights)
    }
    func reset() { pricing = WinterPricing() }
}
func quote() -> Int {
    let invoice = BerthInvoice(metres: 12)
    invoice.pricing = SummerPricing()
    return invoice.total(nights: 3)
}
