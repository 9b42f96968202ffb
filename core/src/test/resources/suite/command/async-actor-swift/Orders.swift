protocol Order {
    func carryOut() async
    func takeBack() async
}

actor Warehouse {
    private var crates: [String: Int] = [:]

    func add(_ name: String, _ count: Int) { crates[name, default: 0] += count }
    func remove(_ name: String, _ count: Int) { crates[name, default: 0] -= count }
}

struct Deliver: Order {
    let warehouse: Warehouse
    let name: String
    let count: Int

    func carryOut() async { await warehouse.add(name, count) }
    func takeBack() async { await warehouse.remove(name, count) }
}

struct Ship: Order {
    let warehouse: Warehouse
    let name: String
    let count: Int

    func carryOut() async { await warehouse.remove(name, count) }
    func takeBack() async { await warehouse.add(name, count) }
}

final class Dispatcher {
    private var queue: [any Order] = []
    private var done: [any Order] = []

    func enqueue(_ order: some Order) { queue.append(order) }

    func work() async {
        while !queue.isEmpty {
            let order = queue.removeFirst()
            await order.carryOut()
            done.append(order)
        }
    }

    func undo() async {
        await done.popLast()?.takeBack()
    }
}
