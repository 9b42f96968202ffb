package aldera.scale;

public class QuayScale implements Scale {
    private double load;

    public void put(double kilos) {
        load += kilos;
    }

    @Override
    public double kilos() {
        return load;
    }

    @Override
    public boolean steady() {
        return load >= 0;
    }
}
