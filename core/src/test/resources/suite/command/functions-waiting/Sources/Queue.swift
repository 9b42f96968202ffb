final class Board {
    private(set) var lines: [String] = []
    func write(_ line: String) { lines.append(line) }
    func wipe() { lines = [] }
}

final class Clerk {
    private var waiting: [() -> Void] = []

    func take(_ work: @escaping () -> Void) {
        waiting.append(work)
    }

    func work() {
        while !waiting.isEmpty {
            let next = waiting.removeFirst()
            next()
        }
    }
}

func day() {
    let board = Board()
    let clerk = Clerk()
    clerk.take { board.write("ferry late") }
    clerk.take { board.wipe() }
    clerk.work()
}
