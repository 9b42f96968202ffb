import Foundation

/// Comes from another team: stations instead of tracks.
final class RadioClient {
    struct Station {
        let label: String
        let address: URL
    }

    private var cached: [Station] = []

    func stations() -> [Station] {
        if cached.isEmpty {
            cached = [Station(label: "one", address: URL(string: "http://one")!)]
        }
        return cached
    }

    func buffer(_ station: Station, seconds: Int) -> [UInt8] {
        Array(repeating: 0, count: seconds * 16)
    }
}
