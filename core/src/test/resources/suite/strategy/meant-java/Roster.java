import java.util.*;
interface Priority { double key(Arrival v); }
record Arrival(String quay, int tons) {}
class Heaviest implements Priority { public double key(Arrival v) { return -v.tons(); } }
class ByQuay implements Priority { public double key(Arrival v) { return v.quay().hashCode(); } }
class Roster {
    private final List<Arrival> arrivals = new ArrayList<>();
    private Priority priority;
    Roster(Priority priority) { this.priority = priority; }
    void rank(Priority r) { this.priority = r; }
    void add(Arrival v) { arrivals.add(v); }
    List<Arrival> ordered() { return arrivals.stream().sorted(Comparator.comparingDouble(priority::key)).toList(); }
}
class App { public static void main(String[] a) { var r = new Roster(new Heaviest()); r.rank(new ByQuay()); r.ordered(); } }
