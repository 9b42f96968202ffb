using System;
class Till {
    private Func<int, int> tariff;
    public Till(Func<int, int> tariff) { this.tariff = tariff; }
    public void Use(Func<int, int> tariff) { this.tariff = tariff; }
    public int Price(int n) {
        Func<int, int> now = tariff;
        return now(n) + 1;
    }
}
class Shop {
    void Open() { var t = new Till(n => n * 2); t.Use(n => n * 3); }
}
