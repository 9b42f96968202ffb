package aldera;

class Office {
    int both() {
        return new Pilotage().charge(80, 900) + new Dredging(new TonFee()).cost(50);
    }
}
