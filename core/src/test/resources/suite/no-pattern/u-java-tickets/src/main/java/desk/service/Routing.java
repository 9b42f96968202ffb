package desk.service;

import desk.model.Ticket;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;

public interface Routing {
    String pick(Ticket ticket);
}

class RoundRobin implements Routing {
    private final List<String> people;
    private final AtomicInteger next = new AtomicInteger();

    RoundRobin(List<String> people) {
        this.people = people;
    }

    @Override
    public String pick(Ticket ticket) {
        return people.get(Math.floorMod(next.getAndIncrement(), people.size()));
    }
}

class ByLevel implements Routing {
    private final String senior;
    private final String junior;

    ByLevel(String senior, String junior) {
        this.senior = senior;
        this.junior = junior;
    }

    @Override
    public String pick(Ticket ticket) {
        return ticket.level() == Ticket.Level.URGENT ? senior : junior;
    }
}
