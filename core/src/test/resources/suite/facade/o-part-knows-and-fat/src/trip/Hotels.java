package trip;

class Hotels {
    private final Trip trip;

    Hotels(Trip trip) {
        this.trip = trip;
    }

    int reserve(String town, int nights) {
        System.out.println("for " + trip.summary());
        return nights * 80;
    }
}
