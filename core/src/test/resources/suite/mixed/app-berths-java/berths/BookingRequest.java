package berths;

import java.time.LocalDate;

public record BookingRequest(String ship, LocalDate from, LocalDate to) {
}
