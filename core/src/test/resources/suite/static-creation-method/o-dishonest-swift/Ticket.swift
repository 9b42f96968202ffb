import Foundation

final class Ticket {
    let seat: String
    private static var sold: [String] = []

    private init(seat: String) {
        self.seat = seat
    }

    static func make(seat: String) -> Ticket {
        Ticket(seat: seat)
    }

    static func makeFirst() -> Ticket {
        let ticket = Ticket(seat: "A1")
        FileManager.default.createFile(atPath: "/tmp/tickets", contents: nil)
        sold.append(ticket.seat)
        return ticket
    }
}

struct Office {
    func sell() -> String { Ticket.make(seat: "B7").seat + Ticket.makeFirst().seat }
}
