protocol Order {
    func execute()
    func undo()
}

final class Valve {
    private(set) var opened = 0
    func open(by amount: Int) { opened += amount }
}

struct OpenValve: Order {
    let valve: Valve
    let amount: Int
    func execute() { valve.open(by: amount) }
    func undo() { valve.open(by: -amount) }
}

struct Flush: Order {
    let valve: Valve
    func execute() { valve.open(by: 100) }
    func undo() {}
}

final class ControlRoom {
    private var done: [Order] = []

    func run(_ order: Order) {
        order.execute()
        done.append(order)
        if order is Flush {
            print("flushed")
        }
    }

    func back() {
        done.popLast()?.undo()
    }
}
