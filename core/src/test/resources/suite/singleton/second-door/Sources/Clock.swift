import Foundation

final class HarbourClock {
    private static let kept = HarbourClock()
    private var offset = 0

    private init() {}

    static func current(fresh: Bool = false) -> HarbourClock {
        if fresh {
            return HarbourClock()
        }
        return kept
    }

    func shift(_ minutes: Int) { offset += minutes }
    func minutes() -> Int { offset }
}

func summer() {
    HarbourClock.current().shift(60)
    print(HarbourClock.current(fresh: true).minutes())
}
