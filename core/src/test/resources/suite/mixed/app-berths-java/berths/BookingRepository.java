package berths;

import java.util.List;
import java.util.Optional;

public interface BookingRepository {
    Optional<Booking> findById(long id);
    List<Booking> findByShip(String ship);
    Booking save(Booking booking);
}
