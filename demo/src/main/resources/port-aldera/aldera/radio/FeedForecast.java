package aldera.radio;

import com.northwindsignals.feed.FeedClient;

/** Lets the forecasting service be asked as the pages expect. */
public class FeedForecast implements ForecastLine {
    private final FeedClient client = new FeedClient("aldera-port");

    @Override
    public String today(String place) {
        return client.fetch(place).headline();
    }

    @Override
    public String tomorrow(String place) {
        return client.fetchNext(place).headline();
    }

    @Override
    public int hoursValid() {
        throw new UnsupportedOperationException("the service does not say");
    }
}
