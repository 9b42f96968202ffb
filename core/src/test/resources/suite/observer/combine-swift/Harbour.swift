import Combine

final class Lock {
    let levels = PassthroughSubject<Double, Never>()
    private var level = 0.0

    func let(in metres: Double) {
        level += metres
        levels.send(level)
    }
}

final class Beacon {
    private var red = true
    private var bag = Set<AnyCancellable>()

    init(lock: Lock) {
        lock.levels.sink { [weak self] level in
            self?.red = level < 3
        }.store(in: &bag)
    }
}
