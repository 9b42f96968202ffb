import Foundation
enum PlayerError: Error { case empty, broken(String) }
struct Track: Equatable { let title: String; let seconds: Int }
protocol AudioOutput: AnyObject { func start(_ track: Track) throws; func halt() }
final class SpeakerOutput: AudioOutput { private var playing: Track?; func start(_ track: Track) throws { playing = track }; func halt() { playing = nil } }
final class MutedOutput: AudioOutput { func start(_ track: Track) throws { }; func halt() { } }
protocol PlayerState {
    func play(_ player: Player) throws
    func pause(_ player: Player)
    func next(_ player: Player) throws
}
struct Stopped: PlayerState {
    func play(_ player: Player) throws { try player.startCurrent(); player.become(Playing()) }
    func pause(_ player: Player) { }
    func next(_ player: Player) throws { player.advance() }
}
struct Playing: PlayerState {
    func play(_ player: Player) throws { }
    func pause(_ player: Player) { player.halt(); player.become(Paused()) }
    func next(_ player: Player) throws { player.advance(); try player.startCurrent() }
}
struct Paused: PlayerState {
    func play(_ player: Player) throws { try player.startCurrent(); player.become(Playing()) }
    func pause(_ player: Player) { }
    func next(_ player: Player) throws { player.advance(); player.become(Stopped()) }
}
final class Player {
    private let output: AudioOutput
    private var tracks: [Track]
    private var index = 0
    private var state: PlayerState = Stopped()
    var onChange: ((Track) -> Void)?
    init(output: AudioOutput, tracks: [Track]) { self.output = output; self.tracks = tracks }
    func play() throws { try state.play(self) }
    func pause() { state.pause(self) }
    func next() throws { try state.next(self) }
    fileprivate func become(_ next: PlayerState) { state = next }
    fileprivate func advance() { index = (index + 1) % max(tracks.count, 1) }
    fileprivate func halt() { output.halt() }
    fileprivate func startCurrent() throws {
        guard tracks.indices.contains(index) else { throw PlayerError.empty }
        try output.start(tracks[index])
        onChange?(tracks[index])
    }
}
func demo(quiet: Bool) throws {
    let player = Player(output: quiet ? MutedOutput() : SpeakerOutput(), tracks: [Track(title: "Foghorn", seconds: 4)])
    player.onChange = { print($0.title) }
    try player.play()
}
