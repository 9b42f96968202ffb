import java.util.*; import java.util.function.Supplier;
interface Tea { int minutes(); }
class Green implements Tea { public int minutes() { return 2; } }
class Black implements Tea { public int minutes() { return 4; } }
class Shelf { private static final Map<String, Supplier<Tea>> TEAS = Map.of("g", Green::new, "b", Black::new);
  Tea pour(String key) { Supplier<Tea> maker = TEAS.get(key); if (maker == null) throw new IllegalArgumentException(key); return maker.get(); } }
class Guest { int wait(Shelf s) { return s.pour("g").minutes(); } }
