package aldera.berth;

/** A ship as the port knows it. */
public record Ship(String name, double tonnage, double length) {
}
