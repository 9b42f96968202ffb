package rail;

public class Counter {
    public Ticket sell(String to) {
        return Ticket.ticket().from("Aldera").to(to).andBack().issue();
    }
}
