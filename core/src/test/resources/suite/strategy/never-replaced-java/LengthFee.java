package aldera;

class LengthFee implements Fee {
    public int of(int metres, int tons) {
        return metres * 3;
    }
}
