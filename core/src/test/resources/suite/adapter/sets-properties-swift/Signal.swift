protocol Signal {
    func show(_ level: Int)
    func clear()
}

final class LampBoard {
    var lamps = 0
    var blinking = false
}

final class BoardSignal: Signal {
    private let board: LampBoard

    init(board: LampBoard) {
        self.board = board
    }

    func show(_ level: Int) {
        board.lamps = level * 2
        board.blinking = level > 3
    }

    func clear() {
        board.lamps = 0
        board.blinking = false
    }
}

func storm(_ signal: Signal) {
    signal.show(4)
}
