interface Price { int cents(); }
class DayPrice implements Price { private int c; public int cents() { return c; } }
class NightPrice implements Price { private int c; public int cents() { return c * 2; } }
class Buyer { private final DayPrice price; Buyer(DayPrice p) { price = p; } int pay() { return price.cents(); } }
class Seller { private final Price price; Seller(Price p) { price = p; } int ask() { return price.cents(); } }
