import Foundation

struct Track: Equatable, Hashable {
    let title: String
    let seconds: Int
}

protocol TrackSource {
    func next(after track: Track?) -> Track?
}

struct InOrder: TrackSource {
    let tracks: [Track]
    func next(after track: Track?) -> Track? {
        guard let track, let index = tracks.firstIndex(of: track) else { return tracks.first }
        return index + 1 < tracks.count ? tracks[index + 1] : nil
    }
}

struct Shuffled: TrackSource {
    var tracks: Set<Track>
    func next(after track: Track?) -> Track? {
        tracks.subtracting(track.map { [$0] } ?? []).randomElement()
    }
}

protocol PlayerDelegate: AnyObject {
    func player(_ player: Player, started track: Track)
    func playerRanOut(_ player: Player)
}

extension PlayerDelegate {
    func playerRanOut(_ player: Player) {}
}

final class Player {
    weak var delegate: PlayerDelegate?
    var source: TrackSource
    private(set) var current: Track? {
        didSet {
            if let current { delegate?.player(self, started: current) } else { delegate?.playerRanOut(self) }
        }
    }

    init(source: TrackSource) {
        self.source = source
    }

    func skip() {
        current = source.next(after: current)
    }
}

final class Lobby: PlayerDelegate {
    private let player: Player
    private var shown: [String] = []

    init(tracks: [Track], calm: Bool) {
        player = Player(source: calm ? InOrder(tracks: tracks) : Shuffled(tracks: Set(tracks)))
        player.delegate = self
    }

    func player(_ player: Player, started track: Track) {
        shown.append(track.title)
    }

    func open() {
        player.skip()
    }
}
