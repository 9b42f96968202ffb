package desk.model;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

public class Ticket {
    public enum Level { LOW, NORMAL, URGENT }

    private final UUID id = UUID.randomUUID();
    private final String title;
    private final Instant opened = Instant.now();
    private final List<String> comments = new ArrayList<>();
    private TicketStatus status = TicketStatus.NEW;
    private Level level;
    private String assignee;

    public Ticket(String title, Level level) {
        this.title = title;
        this.level = level;
    }

    public void assign(String who) {
        status = status.assigned(this);
        assignee = who;
    }

    public void resolve(String how) {
        status = status.resolved(this);
        comments.add(how);
    }

    public void reopen() {
        status = status.reopened(this);
    }

    public String assignee() { return assignee; }
    public Level level() { return level; }
    public TicketStatus status() { return status; }
    public UUID id() { return id; }
    public String title() { return title; }
    public Instant opened() { return opened; }
    public List<String> comments() { return List.copyOf(comments); }
}
