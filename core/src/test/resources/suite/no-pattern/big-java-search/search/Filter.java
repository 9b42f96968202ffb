package aldera.search;
@FunctionalInterface
public interface Filter {
  boolean accepts(Document document);
  default Filter and(Filter other) { return document -> accepts(document) && other.accepts(document); }
  default Filter negate() { return document -> !accepts(document); }
  static Filter tagged(String tag) { return document -> document.tags().contains(tag); }
  static Filter containing(String word) { return document -> document.text().contains(word); }
}
