final class Offer { let ship: String; let days: Int; var extras: [String]; init(ship: String, days: Int, extras: [String]) { self.ship = ship; self.days = days; self.extras = extras } }
final class OfferBuilder {
    private var ship = ""
    private var days = 0
    private var extras: [String] = []
    func ship(_ name: String) -> OfferBuilder { ship = name; return self }
    func days(_ n: Int) -> OfferBuilder { days = n; return self }
    func extra(_ name: String) { extras.append(name) }
    func insured() -> OfferBuilder { return self }
    func build() -> Offer { Offer(ship: ship, days: days, extras: extras) }
}
final class Broker {
    func week() -> Offer { let b = OfferBuilder().ship("Gaviota").days(7); b.extra("crew"); return b.insured().build() }
    func quick() -> Offer { Offer(ship: "Pulga", days: 1, extras: []) }
}
