package bus;

public class Main {
    record ShipArrived(String name) {}

    private int arrivals;

    public static void main(String[] args) {
        EventBus bus = new EventBus();
        Main main = new Main();
        EventBus.Subscription subscription = bus.on(ShipArrived.class, event -> main.arrivals++);
        bus.on(ShipArrived.class, event -> System.out.println(event.name()));
        bus.publish(new ShipArrived("Ariel"));
        subscription.cancel();
    }
}
