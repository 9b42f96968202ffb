package aldera.dues;

import aldera.berth.Ship;

/** One way to work out harbour dues, in cents. */
public interface Tariff {
    long cents(Ship ship, int nights);
}
