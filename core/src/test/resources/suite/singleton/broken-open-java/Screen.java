package aldera.tariff;

public class Screen {
    private final Tariff tariff = new Tariff();

    public String show() {
        return "tug " + tariff.rate("tug");
    }
}
