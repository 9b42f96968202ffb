protocol TideListener: AnyObject { func tideTurned(_ level: Double) }
final class Gauge {
    private var listeners: [(rank: Int, listener: TideListener)] = []
    private var level = 0.0
    func join(_ listener: TideListener, rank: Int = 0) {
        listeners.append((rank, listener))
        listeners.sort { $0.rank < $1.rank }
    }
    func measure(_ level: Double) {
        self.level = level
        for (_, listener) in listeners { listener.tideTurned(level) }
    }
}
final class Siren: TideListener { var calls = 0; func tideTurned(_ level: Double) { calls += 1 } }
final class Lamp: TideListener { var lit = false; func tideTurned(_ level: Double) { lit = level > 3 } }
