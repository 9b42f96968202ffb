final class DayFare implements Fare { public int cents(int stops) { return 90 + stops * 30; } }
