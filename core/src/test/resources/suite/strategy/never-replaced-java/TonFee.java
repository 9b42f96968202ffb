package aldera;

class TonFee implements Fee {
    public int of(int metres, int tons) {
        return tons / 4;
    }
}
