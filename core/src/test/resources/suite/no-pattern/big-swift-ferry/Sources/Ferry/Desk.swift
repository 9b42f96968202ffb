protocol DeskDelegate: AnyObject {
    func desk(_ desk: BookingDesk, sold cents: Int)
}

final class BookingDesk {
    weak var delegate: DeskDelegate?
    private let fare: Fare
    private var sailings: [String: Sailing] = [:]

    init(fare: Fare) { self.fare = fare }

    func open(_ code: String, sailing: Sailing) { sailings[code] = sailing }

    func book(_ code: String, passengers: [Passenger], vehicles: [Vehicle] = []) throws -> Int {
        guard var sailing = sailings[code] else { throw DeskError.unknownSailing(code) }
        passengers.forEach { sailing.board($0) }
        vehicles.forEach { sailing.load($0) }
        sailings[code] = sailing
        let price = fare.cents(for: sailing)
        delegate?.desk(self, sold: price)
        return price
    }
}

enum DeskError: Error { case unknownSailing(String) }

final class Ledger: DeskDelegate {
    private var total = 0
    func desk(_ desk: BookingDesk, sold cents: Int) { total += cents }
}
