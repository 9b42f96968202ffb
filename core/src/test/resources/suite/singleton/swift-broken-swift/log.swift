final class PortLog {
    static let shared = PortLog()
    private var lines: [String] = []

    private init() {}

    func write(_ line: String) { lines.append(line) }
}

struct Pilot {
    func board() { PortLog.shared.write("boarded") }
}
