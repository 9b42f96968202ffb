package aldera;

class Dredging {
    private Fee fee;

    Dredging(Fee fee) {
        this.fee = fee;
    }

    int cost(int tons) {
        return fee.of(0, tons) * 2;
    }
}
