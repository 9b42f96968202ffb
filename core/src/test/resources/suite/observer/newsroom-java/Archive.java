package press;

import java.util.ArrayList;
import java.util.List;

public class Archive implements Reader {
    private final List<String> pages = new ArrayList<>();

    @Override
    public void published(String headline, int edition) {
        pages.add(headline);
    }
}
