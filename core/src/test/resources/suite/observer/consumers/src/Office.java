package aldera;

public class Office {
    private String last = "";

    public Office(Quay quay) {
        quay.onArrival(ship -> last = ship);
        quay.onArrival(System.out::println);
    }
}
