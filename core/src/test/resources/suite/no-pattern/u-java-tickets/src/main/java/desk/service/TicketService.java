package desk.service;

import desk.model.Ticket;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;

public class TicketService {
    private final Map<UUID, Ticket> tickets = new ConcurrentHashMap<>();
    private final Notifier notifier;
    private final Routing routing;

    public TicketService(Notifier notifier, Routing routing) {
        this.notifier = notifier;
        this.routing = routing;
    }

    public Ticket open(String title, Ticket.Level level) {
        Ticket ticket = new Ticket(title, level);
        tickets.put(ticket.id(), ticket);
        String who = routing.pick(ticket);
        if (who != null) {
            ticket.assign(who);
            notifier.send(who, "new: " + title);
        }
        return ticket;
    }

    public void resolve(UUID id, String how) {
        Ticket ticket = tickets.get(id);
        if (ticket == null) {
            throw new IllegalArgumentException("no ticket " + id);
        }
        ticket.resolve(how);
        notifier.send(ticket.assignee(), "done: " + ticket.title());
    }

    public List<Ticket> urgent() {
        return tickets.values().stream()
                .filter(ticket -> ticket.level() == Ticket.Level.URGENT)
                .sorted(Comparator.comparing(Ticket::opened))
                .toList();
    }
}
