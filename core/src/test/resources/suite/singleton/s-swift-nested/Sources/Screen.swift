final class Screen {
    private let settings: Settings

    init(settings: Settings = .shared) {
        self.settings = settings
    }

    func title() -> String { settings["title"] ?? "untitled" }
    func rename(_ title: String) { settings["title"] = title }
}
