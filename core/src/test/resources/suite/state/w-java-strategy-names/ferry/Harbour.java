package ferry;

class Harbour {
    void sail(Ramp ramp) {
        ramp.berth();
        ramp.drive();
        ramp.depart();
    }
}
