package aldera;
import java.util.ArrayList;
import java.util.List;
interface CatchCursor { boolean hasMore(); String next(); }
class Catch {
  final List<String> fish = new ArrayList<>();
  int position;
  void land(String name) { fish.add(name); }
  public List<String> fish() { return fish; }
  CatchCursor cursor() { return new Reader(this); }
  private static class Reader implements CatchCursor {
    private final Catch of;
    Reader(Catch of) { this.of = of; }
    public boolean hasMore() { return of.position < of.fish.size(); }
    public String next() { return of.fish.get(of.position++); }
  }
}
class Auctioneer {
  void sell(Catch landed) {
    CatchCursor cursor = landed.cursor();
    while (cursor.hasMore()) System.out.println(cursor.next());
    System.out.println(landed.fish.size());
  }
}
