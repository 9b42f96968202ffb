package aldera.pilot;

/** Something a pilot is told to do, written down to be done later. */
public interface PilotOrder {
    void carryOut();
}
