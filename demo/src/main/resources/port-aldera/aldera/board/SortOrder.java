package aldera.board;

/** How lines on the arrivals board are put in order. */
public interface SortOrder {
    int compare(Arrival one, Arrival other);
}
