package aldera.radio;

import com.northwindsignals.feed.Bulletin;
import com.northwindsignals.feed.FeedClient;

/** Bulletins from the forecasting service. Its library is not part of these sources. */
public class WeatherFeed {
    private final FeedClient client;

    public WeatherFeed(FeedClient client) {
        this.client = client;
    }

    public String latest() {
        Bulletin bulletin = client.fetch("aldera");
        return bulletin.headline();
    }
}
