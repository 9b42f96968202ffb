import Foundation

final class Settings {
    static let shared = Settings()

    private var values: [String: String] = [:]
    private let lock = NSLock()

    private init() {}

    subscript(key: String) -> String? {
        get { lock.lock(); defer { lock.unlock() }; return values[key] }
        set { lock.lock(); defer { lock.unlock() }; values[key] = newValue }
    }
}
