import Foundation

public struct Track: Hashable {
    public let title: String
    public let length: TimeInterval

    public init(title: String, length: TimeInterval) {
        self.title = title
        self.length = length
    }
}

public protocol Source {
    var name: String { get }
    func tracks() async throws -> [Track]
    func open(_ track: Track) throws -> Data
}
