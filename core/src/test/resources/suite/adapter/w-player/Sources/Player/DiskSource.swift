import Foundation

public final class DiskSource: Source {
    private let folder: URL
    public let name = "disk"

    public init(folder: URL) {
        self.folder = folder
    }

    public func tracks() async throws -> [Track] {
        try FileManager.default.contentsOfDirectory(atPath: folder.path).map { Track(title: $0, length: 0) }
    }

    public func open(_ track: Track) throws -> Data {
        try Data(contentsOf: folder.appendingPathComponent(track.title))
    }
}
