package aldera.search;
import java.util.Set;
public record Document(String id, String text, Set<String> tags) {}
