final class Desk {
    int sell(boolean night) { return new Ferry(night ? new NightFare() : new DayFare()).price(3); }
}
