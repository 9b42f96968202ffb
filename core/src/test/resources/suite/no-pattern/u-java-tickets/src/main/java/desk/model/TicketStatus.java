package desk.model;

public enum TicketStatus {
    NEW {
        @Override
        TicketStatus assigned(Ticket ticket) {
            return OPEN;
        }
    },
    OPEN {
        @Override
        TicketStatus assigned(Ticket ticket) {
            return this;
        }

        @Override
        TicketStatus resolved(Ticket ticket) {
            return DONE;
        }
    },
    DONE {
        @Override
        TicketStatus reopened(Ticket ticket) {
            return ticket.assignee() == null ? NEW : OPEN;
        }
    };

    TicketStatus assigned(Ticket ticket) {
        throw new IllegalStateException("cannot assign when " + this);
    }

    TicketStatus resolved(Ticket ticket) {
        throw new IllegalStateException("cannot resolve when " + this);
    }

    TicketStatus reopened(Ticket ticket) {
        throw new IllegalStateException("cannot reopen when " + this);
    }
}
