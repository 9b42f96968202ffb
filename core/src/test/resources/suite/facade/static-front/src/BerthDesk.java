package aldera;

class BerthDesk {
    private int last;

    int reserve(String ship) {
        return ++last;
    }
}
