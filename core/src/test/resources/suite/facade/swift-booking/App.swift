final class Visitor { private let desk: BookingDesk; init(desk: BookingDesk) { self.desk = desk }; func plan() -> String { desk.book(day: 4) ?? "full" } }
final class TourOperator { let desk = BookingDesk(); func group() -> [String] { (1...3).compactMap { desk.book(day: $0) } } }
