protocol PlayerState {
    var title: String { get }
    func play(_ player: Player)
    func pause(_ player: Player)
    func stop(_ player: Player)
}

extension PlayerState {
    func pause(_ player: Player) {}
    func stop(_ player: Player) { player.change(to: Stopped()) }
}

final class Player {
    private(set) var state: PlayerState = Stopped()
    private(set) var position = 0

    var title: String { state.title }
    func play() { state.play(self) }
    func pause() { state.pause(self) }
    func stop() { state.stop(self) }

    fileprivate func change(to next: PlayerState) {
        print("\(state.title) -> \(next.title)")
        state = next
    }

    fileprivate func rewind() { position = 0 }
    fileprivate func advance() { position += 1 }
}

struct Stopped: PlayerState {
    let title = "stopped"
    func play(_ player: Player) {
        player.rewind()
        player.change(to: Playing())
    }
    func stop(_ player: Player) {}
}

struct Playing: PlayerState {
    let title = "playing"
    func play(_ player: Player) { player.advance() }
    func pause(_ player: Player) { player.change(to: Paused()) }
}

struct Paused: PlayerState {
    let title = "paused"
    func play(_ player: Player) { player.change(to: Playing()) }
}

let player = Player()
player.play()
player.pause()
player.stop()
print(player.title, player.position)
