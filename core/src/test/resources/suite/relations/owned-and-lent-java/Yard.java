package aldera.yard;
import java.util.*;
import java.util.function.Supplier;
abstract class Craft { protected final Engine engine = new Engine(); abstract void launch(); }
class Engine { private Optional<Turbo> turbo = Optional.empty(); void fit(Turbo t) { turbo = Optional.of(t); } }
class Turbo {}
final class Skiff extends Craft implements Comparable<Skiff> {
  private Map<String, List<Oar>> oars = new HashMap<>();
  @Override void launch() {}
  @Override public int compareTo(Skiff o) { return 0; }
  record Oar(int length, Grip grip) {}
  enum Grip { WOOD, RUBBER }
}
class Boatwright {
  private final Supplier<Skiff> maker;
  private Craft[] slips = new Craft[4];
  private static Boatwright master;
  Boatwright(Supplier<Skiff> maker) { this.maker = maker; }
  Inspection inspect(Craft craft) { return Inspection.of(craft); }
}
class Inspection {
  static Inspection of(Craft craft) { if (craft instanceof Skiff) return new Inspection(); throw new NotSeaworthy(); }
}
class NotSeaworthy extends RuntimeException {}
