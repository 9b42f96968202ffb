package desk.service;

import java.util.List;

public class App {
    public static void main(String[] args) {
        Notifier notifier = args.length > 0 ? new MailNotifier(args[0]) : new QuietNotifier();
        TicketService desk = new TicketService(notifier, new RoundRobin(List.of("ana", "bo")));
        desk.open("printer", desk.model.Ticket.Level.LOW);
        new TicketService(notifier, new ByLevel("cy", "di")).urgent();
    }
}
