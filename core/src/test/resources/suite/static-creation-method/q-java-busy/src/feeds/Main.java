package feeds;

public class Main {
    public static void main(String[] args) {
        Feed feed = Feed.create("tide.example");
        System.out.println(feed.lines() + Feed.local().lines());
        feed.close();
    }
}
