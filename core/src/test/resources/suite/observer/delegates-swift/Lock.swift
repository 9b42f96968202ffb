final class Lock {
    private var handlers: [(Int) -> Void] = []
    private var level = 0

    func onLevel(_ handler: @escaping (Int) -> Void) {
        handlers.append(handler)
    }

    func fill(to metres: Int) {
        level = metres
        for handler in handlers {
            handler(metres)
        }
    }
}

final class Panel {
    private var shown = 0

    func watch(_ lock: Lock) {
        lock.onLevel { self.shown = $0 }
    }
}
