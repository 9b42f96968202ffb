final class BookingDesk {
    private let calendar = Calendar2()
    private let till = Till()
    private let printer = Printer()
    func book(day: Int) -> String? {
        guard calendar.reserve(day) else { return nil }
        till.take(1200)
        return printer.ticket(day)
    }
}
