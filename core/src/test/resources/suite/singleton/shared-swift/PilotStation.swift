final class PilotStation {
    static let shared = PilotStation()
    private var pilots = 4

    private init() {}

    func send() -> Bool {
        pilots -= 1
        return pilots > 0
    }
}

final class Tanker {
    func arrive() -> Bool {
        return PilotStation.shared.send()
    }
}
