package aldera.pilot;

/** A sea chart by number. */
public interface Chart {
    double depthAt(double latitude, double longitude);
}
