public class Watch {
    private final int hours;
    private Watch(int hours) { this.hours = hours; }
    public static Watch create(int hours, Roster roster) {
        Watch made = new Watch(hours);
        roster.enter(made);
        return made;
    }
    int hours() { return hours; }
}
interface Roster { void enter(Watch w); }
class Mate { int plan(Roster r) { return Watch.create(4, r).hours(); } }
