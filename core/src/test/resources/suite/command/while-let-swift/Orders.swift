protocol Order { func carryOut() }
final class Tug { private(set) var load = 0; func pull(_ tons: Int) { load += tons } ; func drop() { load = 0 } }
struct Pull: Order { let tug: Tug; let tons: Int; func carryOut() { tug.pull(tons) } }
struct Drop: Order { let tug: Tug; func carryOut() { tug.drop() } }
final class Desk {
    private var waiting: [Order] = []
    func take(_ order: Order) { waiting.append(order) }
    func work() {
        while let order = waiting.popLast() {
            order.carryOut()
        }
    }
}
