package berths;

public record BookingView(Long id, String ship, String status) {
}
