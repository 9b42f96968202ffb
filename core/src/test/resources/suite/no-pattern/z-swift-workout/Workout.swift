import Foundation

enum Effort: Int, CaseIterable {
    case easy = 1, steady, hard

    var factor: Double {
        switch self {
        case .easy: return 0.8
        case .steady: return 1
        case .hard: return 1.3
        }
    }
}

struct Interval: Equatable {
    let seconds: Int
    let effort: Effort

    var load: Double { Double(seconds) / 60 * effort.factor }
}

struct Workout {
    private(set) var intervals: [Interval] = []
    let name: String

    init(name: String) {
        self.name = name
    }

    mutating func add(_ seconds: Int, _ effort: Effort = .steady) {
        intervals.append(Interval(seconds: seconds, effort: effort))
    }

    var load: Double { intervals.reduce(0) { $0 + $1.load } }
    var duration: Int { intervals.map(\.seconds).reduce(0, +) }
}
