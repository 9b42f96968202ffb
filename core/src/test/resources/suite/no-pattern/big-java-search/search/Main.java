package aldera.search;
import java.util.Set;
public class Main {
  public static void main(String[] args) {
    Index index = new Index();
    index.add(new Document("1", "ferry late", Set.of("news")));
    index.rankBy(new ByTags(Set.of("news")));
    System.out.println(index.find(Filter.tagged("news").and(Filter.containing("late").negate()), 10));
  }
}
