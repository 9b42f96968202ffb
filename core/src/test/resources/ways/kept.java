import java.util.*; import java.util.concurrent.*; import java.util.concurrent.atomic.*; import java.util.stream.*; import java.util.function.*; import java.lang.ref.*;
interface Job { void run(); int weight(); }
record Holder(Job job, List<Job> list) {}
sealed interface Slot { record Filled(Job job) implements Slot {} record Empty() implements Slot {} }
class Quay {
  private final List<Job> jobs = new ArrayList<>();
  private Job one;
  private Optional<Job> maybe = Optional.empty();
  private final Map<String, Job> byName = new HashMap<>();
  private final Map<String, List<Job>> lists = new HashMap<>();
  private final Deque<Job> queue = new ArrayDeque<>();
  private final AtomicReference<Job> ref = new AtomicReference<>();
  private WeakReference<Job> soft;
  private final ThreadLocal<Job> local = new ThreadLocal<>();
  private Holder holder; private Slot slot; private Job[] array; private Supplier<Job> fn; private Function<Integer, Job> fun;
  private final BlockingQueue<Job> bq = new LinkedBlockingQueue<>();
  void a1() { if (one != null) one.run(); }
  void a2() { Objects.requireNonNull(one).run(); }
  void a3() { Optional.ofNullable(one).ifPresent(Job::run); }
  void a4() { Optional.ofNullable(one).ifPresent(j -> j.run()); }
  void a5() { maybe.ifPresent(Job::run); }
  void a6() { maybe.get().run(); }
  void a7() { maybe.orElseThrow().run(); }
  void a8() { maybe.orElse(one).run(); }
  void a9() { jobs.stream().filter(j -> j.weight() > 3).forEach(Job::run); }
  void b1() { jobs.stream().filter(j -> j.weight() > 3).findFirst().ifPresent(Job::run); }
  void b2() { jobs.stream().sorted(Comparator.comparing(Job::weight)).toList().forEach(j -> j.run()); }
  void b3() { for (Map.Entry<String, Job> e : byName.entrySet()) e.getValue().run(); }
  void b4() { for (var e : byName.entrySet()) e.getValue().run(); }
  void b5() { byName.forEach((k, j) -> j.run()); }
  void b6() { byName.values().forEach(Job::run); }
  void b7() { byName.get("x").run(); }
  void b8() { Job j = byName.get("x"); if (j == null) return; j.run(); }
  void b9() { byName.getOrDefault("x", one).run(); }
  void c1() { byName.computeIfAbsent("x", k -> one).run(); }
  void c2() { lists.getOrDefault("x", List.of()).forEach(Job::run); }
  void c3() { for (Job j : lists.getOrDefault("x", Collections.emptyList())) j.run(); }
  void c4() { lists.values().stream().flatMap(List::stream).forEach(Job::run); }
  void c5() { lists.computeIfPresent("x", (k, l) -> { l.forEach(Job::run); return l; }); }
  void c6() { while (!queue.isEmpty()) queue.poll().run(); }
  void c7() { Job j; while ((j = queue.poll()) != null) j.run(); }
  void c8() { for (Job j = queue.poll(); j != null; j = queue.poll()) j.run(); }
  void c9() { ref.get().run(); }
  void d1() { Job j = soft.get(); if (j != null) j.run(); }
  void d2() { local.get().run(); }
  void d3() { holder.job().run(); }
  void d4() { if (slot instanceof Slot.Filled f) f.job().run(); }
  void d5() { if (slot instanceof Slot.Filled(Job j)) j.run(); }
  void d6() { switch (slot) { case Slot.Filled(var j) -> j.run(); case Slot.Empty e -> {} } }
  void d7() { for (int i = 0; i < array.length; i++) array[i].run(); }
  void d8() { Arrays.stream(array).forEach(Job::run); }
  void d9() { fn.get().run(); }
  void e1() { fun.apply(3).run(); }
  void e2() throws Exception { bq.take().run(); }
  void e3() { List<Job> copy = new ArrayList<>(jobs); for (Job j : copy) j.run(); }
  void e4() { List<Job> copy; synchronized (this) { copy = List.copyOf(jobs); } copy.forEach(Job::run); }
  void e5() { for (Iterator<Job> it = jobs.iterator(); it.hasNext();) it.next().run(); }
  void e6() { ListIterator<Job> it = jobs.listIterator(); while (it.hasNext()) { it.next().run(); } }
  void e7() { IntStream.range(0, jobs.size()).forEach(i -> jobs.get(i).run()); }
  void e8() { IntStream.range(0, jobs.size()).mapToObj(jobs::get).forEach(Job::run); }
  void f1() { Collections.max(jobs, Comparator.comparing(Job::weight)).run(); }
  void f2() { jobs.stream().max(Comparator.comparing(Job::weight)).get().run(); }
  void f3() { jobs.stream().reduce((a, b) -> a).get().run(); }
  void f4() { (one != null ? one : jobs.get(0)).run(); }
  void f5() { jobs.getFirst().run(); }
  Job pick() { return jobs.get(0); }
  void f7() { new Thread(() -> one.run()).start(); }
  void f9() { for (Job j : jobs.toArray(new Job[0])) j.run(); }
  void g1() { var l = jobs; l.get(0).run(); }
  void g2() { Stream.concat(jobs.stream(), queue.stream()).forEach(Job::run); }
  void g3() { jobs.stream().collect(Collectors.groupingBy(Job::weight)).values().forEach(l -> l.get(0).run()); }
  void g4() { jobs.parallelStream().peek(Job::run).count(); }
  void g5() { jobs.removeIf(j -> { j.run(); return true; }); }
  void g6() { jobs.replaceAll(j -> { j.run(); return j; }); }
  void g7() { try { one.run(); } catch (RuntimeException e) { } finally { } }
  void go(Job j) { j.run(); }
}
