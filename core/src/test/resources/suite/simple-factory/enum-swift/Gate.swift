final class Gate {
    private var takings = 0

    func sell(_ kind: TicketKind) -> Ticket {
        let ticket = TicketOffice.ticket(for: kind)
        takings += ticket.price
        return ticket
    }
}
