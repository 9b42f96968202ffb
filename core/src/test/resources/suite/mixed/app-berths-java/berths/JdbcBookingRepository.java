package berths;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javax.sql.DataSource;

public class JdbcBookingRepository implements BookingRepository {
    private final DataSource source;

    public JdbcBookingRepository(DataSource source) {
        this.source = source;
    }

    @Override
    public Optional<Booking> findById(long id) {
        return query("select * from booking where id = ?", id).stream().findFirst();
    }

    @Override
    public List<Booking> findByShip(String ship) {
        return query("select * from booking where ship = ?", ship);
    }

    @Override
    public Booking save(Booking booking) {
        try (Connection connection = source.getConnection();
                PreparedStatement statement = connection.prepareStatement("insert into booking(ship) values (?)")) {
            statement.setString(1, booking.getShip());
            statement.executeUpdate();
            return booking;
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    private List<Booking> query(String sql, Object argument) {
        List<Booking> found = new ArrayList<>();
        try (Connection connection = source.getConnection();
                PreparedStatement statement = connection.prepareStatement(sql)) {
            statement.setObject(1, argument);
            try (ResultSet rows = statement.executeQuery()) {
                while (rows.next()) {
                    Booking booking = new Booking();
                    booking.setId(rows.getLong("id"));
                    booking.setShip(rows.getString("ship"));
                    found.add(booking);
                }
            }
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
        return found;
    }
}
