package aldera.berth;

/** A line ashore. */
public interface MooringLine {
    double breakingLoad();
}
