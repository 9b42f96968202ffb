import Foundation

final class Diary {
    private var days: [Date: [Workout]] = [:]
    private let calendar: Calendar

    init(calendar: Calendar = .current) {
        self.calendar = calendar
    }

    func log(_ workout: Workout, on date: Date = Date()) {
        days[calendar.startOfDay(for: date), default: []].append(workout)
    }

    func workouts(on date: Date) -> [Workout] {
        days[calendar.startOfDay(for: date)] ?? []
    }

    func weeklyLoad(until date: Date) -> Double {
        (0..<7).compactMap { calendar.date(byAdding: .day, value: -$0, to: date) }
            .flatMap { workouts(on: $0) }
            .map(\.load)
            .reduce(0, +)
    }
}
