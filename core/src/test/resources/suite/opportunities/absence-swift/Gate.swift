final class Log {
    private var lines: [String] = []
    func note(_ line: String) { lines.append(line) }
}

final class Gate {
    var log: Log?
    private var opened = 0

    func open() {
        opened += 1
        log?.note("open")
    }

    func close() {
        opened -= 1
        log?.note("close")
    }

    func check() -> Bool {
        if let log = log { log.note("check") }
        return opened > 0
    }
}
