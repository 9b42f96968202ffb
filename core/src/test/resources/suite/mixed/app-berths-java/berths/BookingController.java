package berths;

public class BookingController {
    private final BookingService service;

    public BookingController(BookingService service) {
        this.service = service;
    }

    public BookingView post(BookingRequest request) {
        return service.book(request);
    }

    public void delete(long id) {
        service.cancel(id);
    }
}
