protocol Source {
    func rows() -> [String]
}

final class FileSource: Source {
    private let path: String
    init(path: String) { self.path = path }
    func rows() -> [String] { path.split(separator: "/").map(String.init) }
}

final class MemorySource: Source {
    var kept: [String] = []
    func rows() -> [String] { kept }
}

final class Report {
    private let source: FileSource
    init(source: FileSource) { self.source = source }
    func text() -> String { source.rows().joined(separator: "\n") }
}
