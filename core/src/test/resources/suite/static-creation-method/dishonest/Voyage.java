package aldera;
import java.util.*;
final class VoyageLog { static final List<Voyage> ALL = new ArrayList<>(); static void add(Voyage v) { ALL.add(v); } }
final class Voyage {
  private final String from, to;
  private Voyage(String from, String to) { this.from = from; this.to = to; }
  static Voyage create(String from, String to) {
    Voyage voyage = new Voyage(from, to);
    VoyageLog.add(voyage);
    return voyage;
  }
  static Voyage roundTrip(String port) { return new Voyage(port, port); }
  String text() { return from + "-" + to; }
}
class Agent { String plan() { return Voyage.create("Aldera", "Porto").text() + Voyage.roundTrip("Aldera").text(); } }
