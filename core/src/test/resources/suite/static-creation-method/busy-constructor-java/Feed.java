import java.util.*;
public final class Feed {
    private final String url;
    private Feed(String url) {
        this.url = url;
        Feeds.enter(this);
    }
    public static Feed open(String url) { return new Feed(url); }
    String url() { return url; }
}
class Feeds {
    private static final List<Feed> ALL = new ArrayList<>();
    static void enter(Feed feed) { ALL.add(feed); }
}
class Reader { String first() { return Feed.open("tide").url(); } }
