package aldera.board;

/** A ship that is expected. */
public record Arrival(String ship, int minute, int berth) {
}
