package berths;

import java.util.List;
import javax.sql.DataSource;

public class Application {
    public static BookingController start(DataSource source) {
        return new BookingController(new BookingService(new JdbcBookingRepository(source),
                List.of(new DatesInOrder(), new NotTooLong(30)), new MailNotifier()));
    }
}
