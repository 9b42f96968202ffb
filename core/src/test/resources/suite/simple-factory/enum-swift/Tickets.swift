protocol Ticket {
    var price: Int { get }
    func admits(hour: Int) -> Bool
}

struct DayTicket: Ticket {
    let price = 20
    func admits(hour: Int) -> Bool { true }
}

struct EveningTicket: Ticket {
    let price = 12
    func admits(hour: Int) -> Bool { hour >= 17 }
}

struct ChildTicket: Ticket {
    let price = 5
    func admits(hour: Int) -> Bool { hour < 19 }
}

enum TicketKind { case day, evening, child }

enum TicketOffice {
    static func ticket(for kind: TicketKind) -> Ticket {
        switch kind {
        case .day: return DayTicket()
        case .evening: return EveningTicket()
        case .child: return ChildTicket()
        }
    }
}
