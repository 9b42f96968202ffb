package farm; import java.util.*; import java.util.function.Consumer;
class Coop { private final Set<Consumer<Integer>> whenLaid = new LinkedHashSet<>(); private int eggs;
  Runnable subscribe(Consumer<Integer> c) { whenLaid.add(c); return () -> whenLaid.remove(c); }
  void lay(int n) { eggs += n; for (var c : new ArrayList<>(whenLaid)) c.accept(eggs); } }
class Farm { int sold; void run(Coop c) { c.subscribe(n -> sold += n); c.subscribe(this::note); } void note(int n) { sold--; } }
