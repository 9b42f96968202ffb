import java.util.*;
interface Crew { void muster(); }
class Hand implements Crew { public void muster() { System.out.println("aye"); } }
abstract class Group implements Crew {
    protected final List<Crew> members = new ArrayList<>();
    void add(Crew c) { members.add(c); }
    public void muster() { members.forEach(Crew::muster); report(); }
    abstract void report();
}
class Watch extends Group { void report() { System.out.println("watch"); } }
class Boat extends Group { void report() { System.out.println("boat"); } }
class Mate { void call(Crew c) { c.muster(); } }
