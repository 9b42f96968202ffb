package berths;

import java.util.List;

public class BookingService {
    private final BookingRepository repository;
    private final List<BookingRule> rules;
    private final Notifier notifier;

    public BookingService(BookingRepository repository, List<BookingRule> rules, Notifier notifier) {
        this.repository = repository;
        this.rules = List.copyOf(rules);
        this.notifier = notifier;
    }

    public BookingView book(BookingRequest request) {
        Booking booking = BookingMapper.toBooking(request);
        for (BookingRule rule : rules) {
            rule.check(booking);
        }
        Booking saved = repository.save(booking);
        notifier.send(saved.getShip(), "booked");
        return BookingMapper.toView(saved);
    }

    public void cancel(long id) {
        Booking booking = repository.findById(id).orElseThrow(() -> new BookingException("no booking " + id));
        booking.setStatus(Booking.Status.CANCELLED);
        repository.save(booking);
        notifier.send(booking.getShip(), "cancelled");
    }
}
