package aldera.scale;

public interface Scale {
    double kilos();

    boolean steady();
}
