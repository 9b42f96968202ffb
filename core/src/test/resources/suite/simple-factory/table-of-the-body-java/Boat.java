import java.util.Map;
import java.util.function.Supplier;
interface Boat { int launch(); }
class Tug implements Boat { public int launch() { return 1; } }
class Ferry implements Boat { public int launch() { return 2; } }
class Yard {
    static Boat boatFor(String e) {
        Map<String, Supplier<Boat>> makers = Map.of("tug", Tug::new, "ferry", () -> new Ferry());
        return makers.get(e).get();
    }
}
