package feeds;

public interface Parser {
    String[] fields(String line);
}
