final class NightFare implements Fare { public int cents(int stops) { return 200; } }
