protocol Log {
    func write(_ line: String)
    func flush()
}

final class FileLog: Log {
    private var lines: [String] = []
    func write(_ line: String) { lines.append(line) }
    func flush() { lines.removeAll() }
}

class LogDecorator: Log {
    private let log: Log
    init(_ log: Log) { self.log = log }
    func write(_ line: String) { log.write(line) }
    func flush() { log.flush() }
}

final class StampedLog: LogDecorator {
    private var count = 0
    override func write(_ line: String) {
        count += 1
        super.write("\(count): \(line)")
    }
}

final class QuietLog: LogDecorator {
    override func write(_ line: String) {
        super.write(line.lowercased())
    }
    override func flush() {
        super.flush()
        print("flushed")
    }
}
