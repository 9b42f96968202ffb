package aldera.signals;

final class Horn implements Signal {
    @Override
    public String give() {
        return "tooot";
    }
}
