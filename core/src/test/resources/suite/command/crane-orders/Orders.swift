protocol Order {
    var title: String { get }
    func carryOut()
    func takeBack()
}

final class Crane {
    private(set) var height = 0
    private(set) var load: String?
    func hoist(by metres: Int) { height += metres }
    func grab(_ box: String) { load = box }
    func release() { load = nil }
}

struct HoistOrder: Order {
    let crane: Crane
    let metres: Int
    var title: String { "hoist \(metres)" }
    func carryOut() { crane.hoist(by: metres) }
    func takeBack() { crane.hoist(by: -metres) }
}

struct GrabOrder: Order {
    let crane: Crane
    let box: String
    var title: String { "grab \(box)" }
    func carryOut() { crane.grab(box) }
    func takeBack() { crane.release() }
}

final class OrderBook {
    private var done: [Order] = []
    private var waiting: [Order] = []

    func add(_ order: Order) { waiting.append(order) }

    func workOff() {
        while !waiting.isEmpty {
            let order = waiting.removeFirst()
            order.carryOut()
            done.append(order)
        }
    }

    func undo() {
        done.popLast()?.takeBack()
    }
}
