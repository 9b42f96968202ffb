namespace Aldera.Feeds;
public interface IFeed { string Next(); void Close(); }
public class RadarFeed : IFeed
{
    private int at;
    public string Next() => $"blip {at++}";
    public void Close() { at = 0; }
}
public class StampedFeed : IFeed
{
    private readonly IFeed inner;
    public StampedFeed(IFeed inner) { this.inner = inner; }
    public string Next() => System.DateTime.UtcNow + " " + inner.Next();
    public void Close() => inner.Close();
}
public class LoudFeed : IFeed
{
    private readonly IFeed inner = new RadarFeed();
    public string Next() => inner.Next().ToUpper() + "!";
    public void Close() => throw new System.NotSupportedException();
}
public class Screen
{
    private readonly IFeed feed;
    public Screen(IFeed feed) => this.feed = feed;
    public string Line() => feed.Next();
}
public static class Start { public static void Main() { new Screen(new StampedFeed(new LoudFeed())).Line(); } }
