package aldera.fuel;

class Pump {
    void start() {}
    void stop() {}
}

class Meter {
    int litres() { return 4; }
    void reset() {}
}

class Invoice {
    void line(int litres) {}
    void send() {}
}
