package aldera;

import java.util.ArrayList;
import java.util.List;

public class PaperLog implements Log {
    private final List<String> lines = new ArrayList<>();

    @Override
    public void entry(String text) {
        lines.add(text);
    }

    @Override
    public int size() {
        return lines.size();
    }
}
