package aldera;

class TideDesk {
    int nextHigh(double draught) {
        return draught > 5 ? 14 : 9;
    }
}
