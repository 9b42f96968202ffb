protocol Storage {
    func save(_ text: String)
    func load() -> String
}

final class DiskStorage: Storage {
    private var text = ""
    func save(_ text: String) { self.text = text }
    func load() -> String { text }
}

final class CloudStorage: Storage {
    private var parts: [String] = []
    func save(_ text: String) { parts.append(text) }
    func load() -> String { parts.joined() }
}

final class Diary {
    private let storage: DiskStorage

    init(storage: DiskStorage) {
        self.storage = storage
    }

    func write(_ line: String) {
        storage.save(storage.load() + line)
    }
}
