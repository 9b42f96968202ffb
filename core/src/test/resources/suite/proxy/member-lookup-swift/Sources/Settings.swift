protocol Settings: AnyObject {
    func value(_ key: String) -> String?
    func set(_ key: String, _ value: String)
}

final class FileSettings: Settings {
    private var values: [String: String] = [:]

    init(path: String) {
        values["path"] = path
    }

    func value(_ key: String) -> String? { values[key] }
    func set(_ key: String, _ value: String) { values[key] = value }
}

final class LateSettings: Settings {
    private let path: String
    private lazy var file = FileSettings(path: path)

    init(path: String) {
        self.path = path
    }

    func value(_ key: String) -> String? { file.value(key) }
    func set(_ key: String, _ value: String) { file.set(key, value) }
}

final class Console {
    private let settings: Settings

    init(settings: Settings) {
        self.settings = settings
    }

    func greet() -> String { "hello " + (settings.value("name") ?? "stranger") }
}

print(Console(settings: LateSettings(path: "/tmp/a")).greet())
