package berth;

public class Desk {
    public Order order(String ship) {
        return new OrderBuilder().ship(ship).quay("North").hours(4).build();
    }
}
