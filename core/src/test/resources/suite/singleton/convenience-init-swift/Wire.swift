import Foundation

public final class Telegraph {
    public static let main = Telegraph(line: "main")
    private let line: String
    private var sent: [String] = []
    private let lock = NSLock()

    private convenience init() {
        self.init(line: "spare")
    }

    private init(line: String) {
        self.line = line
    }

    public func send(_ text: String) {
        lock.lock()
        defer { lock.unlock() }
        sent.append(text)
    }
}
