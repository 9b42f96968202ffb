package aldera;
import java.util.List;
interface Post { void send(String to, String text); }
class SmtpPost implements Post { private int sent; public void send(String to, String text) { sent++; System.out.println(to + text); } }
interface Sorting { List<String> sorted(List<String> names); }
class ByName implements Sorting { public List<String> sorted(List<String> names) { return names.stream().sorted().toList(); } }
class ByLength implements Sorting { public List<String> sorted(List<String> names) { return names.stream().sorted((a, b) -> a.length() - b.length()).toList(); } }
class Newsletter {
  private final Post post; private Sorting sorting;
  Newsletter(Post post, Sorting sorting) { this.post = post; this.sorting = sorting; }
  void sortBy(Sorting sorting) { this.sorting = sorting; }
  void publish(List<String> readers) { for (String reader : sorting.sorted(readers)) post.send(reader, "news"); }
}
class Editor { void monday(List<String> readers) { Newsletter n = new Newsletter(new SmtpPost(), new ByName()); n.publish(readers); n.sortBy(new ByLength()); n.publish(readers); } }
