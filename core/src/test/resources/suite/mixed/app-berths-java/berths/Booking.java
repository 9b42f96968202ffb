package berths;

import java.time.LocalDate;

public class Booking {
    private Long id;
    private String ship;
    private LocalDate from;
    private LocalDate to;
    private Status status = Status.REQUESTED;

    public enum Status { REQUESTED, CONFIRMED, CANCELLED }

    public Long getId() { return id; }
    public void setId(Long id) { this.id = id; }
    public String getShip() { return ship; }
    public void setShip(String ship) { this.ship = ship; }
    public LocalDate getFrom() { return from; }
    public void setFrom(LocalDate from) { this.from = from; }
    public LocalDate getTo() { return to; }
    public void setTo(LocalDate to) { this.to = to; }
    public Status getStatus() { return status; }
    public void setStatus(Status status) { this.status = status; }
}
