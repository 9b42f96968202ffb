package trip;

public class Trip {
    private final Trains trains = new Trains();
    private final Hotels hotels = new Hotels(this);
    private final Purse purse = new Purse();
    private int booked;
    private String last = "";

    public void book(String town, int nights) {
        String train = trains.find(town);
        int price = hotels.reserve(town, nights);
        purse.pay(price);
        booked++;
        last = train + " to " + town;
    }

    public String summary() {
        return booked + " trips, last " + last;
    }
}
