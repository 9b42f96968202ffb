package berths;

public interface BookingRule {
    void check(Booking booking);
}

class DatesInOrder implements BookingRule {
    @Override
    public void check(Booking booking) {
        if (booking.getTo().isBefore(booking.getFrom())) {
            throw new BookingException("leaves before it comes");
        }
    }
}

class NotTooLong implements BookingRule {
    private final int days;

    NotTooLong(int days) {
        this.days = days;
    }

    @Override
    public void check(Booking booking) {
        if (booking.getFrom().plusDays(days).isBefore(booking.getTo())) {
            throw new BookingException("longer than " + days + " days");
        }
    }
}
