package aldera.tariff;

public class Desk {
    public int due(int tugs) {
        return Tariff.getInstance().rate("tug") * tugs;
    }
}
