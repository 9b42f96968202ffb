protocol Order { func carryOut() }
final class Crane { private var at = 0; func lift() { at += 1 }; func lower() { at -= 1 } }
final class Lift: Order { private let crane: Crane; init(crane: Crane) { self.crane = crane }; func carryOut() { crane.lift() } }
final class Lower: Order { private let crane: Crane; init(crane: Crane) { self.crane = crane }; func carryOut() { crane.lower() } }
final class Office {
    private var waiting: [Order] = []
    func accept(_ order: Order) { waiting.append(order) }
    func work() {
        while !waiting.isEmpty { let next = waiting.remove(at: 0); next.carryOut() }
    }
}
final class Foreman { func plan(office: Office, crane: Crane) { office.accept(Lift(crane: crane)); office.accept(Lower(crane: crane)) } }
