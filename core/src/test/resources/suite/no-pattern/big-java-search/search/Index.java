package aldera.search;
import java.util.*;
import java.util.stream.Stream;
public class Index {
  private final Map<String, Document> documents = new LinkedHashMap<>();
  private Ranking ranking = new ByLength();
  public void add(Document document) { documents.put(document.id(), document); }
  public void rankBy(Ranking ranking) { this.ranking = Objects.requireNonNull(ranking); }
  public List<Document> find(Filter filter, int limit) {
    return documents.values().stream().filter(filter::accepts)
        .sorted(Comparator.comparingDouble((Document d) -> ranking.score(d)).reversed()).limit(limit).toList();
  }
  public Stream<Document> all() { return documents.values().stream(); }
}
interface Ranking { double score(Document document); }
class ByLength implements Ranking { @Override public double score(Document document) { return -document.text().length(); } }
class ByTags implements Ranking { private final Set<String> wanted; ByTags(Set<String> wanted) { this.wanted = wanted; } @Override public double score(Document document) { return document.tags().stream().filter(wanted::contains).count(); } }
