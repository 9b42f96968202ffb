package berths;

final class BookingMapper {
    private BookingMapper() {
    }

    static Booking toBooking(BookingRequest request) {
        Booking booking = new Booking();
        booking.setShip(request.ship());
        booking.setFrom(request.from());
        booking.setTo(request.to());
        return booking;
    }

    static BookingView toView(Booking booking) {
        return new BookingView(booking.getId(), booking.getShip(), booking.getStatus().name());
    }
}
