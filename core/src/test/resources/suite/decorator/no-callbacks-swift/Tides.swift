typealias Told = (Int) -> Void

final class TideService {
    private var level = 3

    func fetch(_ told: @escaping Told) {
        told(level)
    }
}

final class TideBook {
    private let service: TideService
    private var notes = [Int]()

    init(service: TideService) {
        self.service = service
    }

    func load(_ told: @escaping Told) {
        service.fetch { level in
            self.notes.append(level)
            told(level)
        }
    }

    func quiet(_ told: @escaping Told) {
        service.fetch { level in
            guard level > 0 else { return }
            told(level)
        }
    }
}
