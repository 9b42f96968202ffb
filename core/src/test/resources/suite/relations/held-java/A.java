package aldera.rel;

import java.util.*;

interface Moorable { void moor(); }
abstract class Craft { protected Pilot pilot; }
class Pilot { }
class Line { void tie() { } }
class Crate { }
class Barge extends Craft implements Moorable {
    private final Map<String, Crate> crates = new HashMap<>();
    private Optional<Flag> flag = Optional.empty();
    public void moor() { new Line().tie(); }
    static class Hold { }
    Hold hold = new Hold();
}
class Flag { }
enum Berth { NORTH, SOUTH; Berth other() { return this == NORTH ? SOUTH : NORTH; } }
record Track(Pilot who, Berth where) { }
