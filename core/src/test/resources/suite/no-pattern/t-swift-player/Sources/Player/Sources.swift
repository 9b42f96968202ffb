public struct FileSource: Source {
    public let title: String
    let data: [Float]
    public func samples(from: Int, count: Int) async throws -> [Float] { Array(data[from..<min(data.count, from + count)]) }
}

public final class LazySource: Source {
    private let load: () throws -> Source
    private lazy var real = Result { try load() }
    public let title: String

    public init(title: String, load: @escaping () throws -> Source) {
        self.title = title
        self.load = load
    }

    public func samples(from: Int, count: Int) async throws -> [Float] {
        try await real.get().samples(from: from, count: count)
    }
}
