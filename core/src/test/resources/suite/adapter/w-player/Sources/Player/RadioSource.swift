import Foundation

public final class RadioSource: Source {
    private let client: RadioClient

    init(client: RadioClient) {
        self.client = client
    }

    public var name: String { "radio" }

    public func tracks() async throws -> [Track] {
        client.stations().map { Track(title: $0.label, length: .infinity) }
    }

    public func open(_ track: Track) throws -> Data {
        guard let station = client.stations().first(where: { $0.label == track.title }) else {
            throw PlayerError.unknown(track)
        }
        return Data(client.buffer(station, seconds: 5))
    }
}

enum PlayerError: Error {
    case unknown(Track)
}
