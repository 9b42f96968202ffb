protocol OrderPhase {
    func pay(_ order: Order)
    func ship(_ order: Order)
}

final class Order {
    fileprivate var phase: OrderPhase = Unpaid()
    func pay() { phase.pay(self) }
    func ship() { phase.ship(self) }
}

struct Unpaid: OrderPhase {
    func pay(_ order: Order) { order.phase = PaidFor() }
    func ship(_ order: Order) { print("pay first") }
}

struct PaidFor: OrderPhase {
    func pay(_ order: Order) { print("already") }
    func ship(_ order: Order) { order.phase = Gone() }
}

struct Gone: OrderPhase {
    func pay(_ order: Order) {}
    func ship(_ order: Order) {}
}
