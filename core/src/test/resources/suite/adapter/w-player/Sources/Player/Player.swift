import Foundation

public final class Player {
    private let source: Source
    private var onChange: [(Track) -> Void] = []
    public private(set) var current: Track? {
        didSet {
            guard let current else { return }
            onChange.forEach { $0(current) }
        }
    }

    public init(source: Source) {
        self.source = source
    }

    public func whenChanged(_ action: @escaping (Track) -> Void) {
        onChange.append(action)
    }

    public func play(_ track: Track) throws {
        _ = try source.open(track)
        current = track
    }
}
