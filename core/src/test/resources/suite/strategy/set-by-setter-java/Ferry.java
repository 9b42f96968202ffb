final class Ferry {
    private Fare fare;
    Ferry(Fare fare) { setFare(fare); }
    void setFare(Fare fare) { this.fare = fare; }
    int price(int stops) { return fare.cents(stops); }
}
