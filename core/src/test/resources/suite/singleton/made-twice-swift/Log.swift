final class Log {
    static let main = Log()
    private var lines: [String] = []

    init() {}

    func write(_ line: String) { lines.append(line) }
}

final class Engine {
    private let own = Log()
    func start() {
        Log.main.write("start")
        own.write("engine")
    }
}
