protocol LedgerBackend {
    func `get`(_ key: String) -> String?
    func `set`(_ key: String, _ value: String)
}
final class FileBackend: LedgerBackend {
    private let folder: String
    init(folder: String) { self.folder = folder }
    func `get`(_ key: String) -> String? { return try? String(contentsOfFile: folder + key) }
    func `set`(_ key: String, _ value: String) { try? value.write(toFile: folder + key, atomically: true, encoding: .utf8) }
}
final class MemoryBackend: LedgerBackend {
    private var rows: [String: String] = [:]
    func `get`(_ key: String) -> String? { return rows[key] }
    func `set`(_ key: String, _ value: String) { rows[key] = value }
}
final class DuesLedger {
    private let backend: LedgerBackend
    init(backend: LedgerBackend) { self.backend = backend }
    func paid(_ ship: String) -> Bool { return backend.get(ship) == "paid" }
    func pay(_ ship: String) { backend.set(ship, "paid") }
}
final class DuesDesk {
    let ledger = DuesLedger(backend: FileBackend(folder: "/dues/"))
    let trial = DuesLedger(backend: MemoryBackend())
}
