package aldera;
import java.time.*;
public final class SlotTime {
    private final Instant from;
    private final Duration length;
    private SlotTime(Instant from, Duration length) { this.from = from; this.length = length; }
    public static SlotTime startingAt(Instant from, Duration length) { return new SlotTime(from, length); }
    public static SlotTime endingAt(Instant end, Duration length) { return new SlotTime(end.minus(length), length); }
    public static SlotTime wholeDay(LocalDate day, ZoneId zone) { return new SlotTime(day.atStartOfDay(zone).toInstant(), Duration.ofDays(1)); }
    public Instant from() { return from; }
    public Instant end() { return from.plus(length); }
    public boolean meets(SlotTime other) { return from.isBefore(other.end()) && other.from.isBefore(end()); }
}
final class SlotDesk {
    boolean free(SlotTime one, LocalDate day) { return !one.meets(SlotTime.wholeDay(day, ZoneId.of("UTC"))); }
}
