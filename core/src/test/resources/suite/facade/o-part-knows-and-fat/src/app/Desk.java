package app;

import trip.Trip;

public class Desk {
    public static void main(String[] args) {
        Trip trip = new Trip();
        trip.book("Vigo", 3);
        System.out.println(trip.summary());
    }
}
