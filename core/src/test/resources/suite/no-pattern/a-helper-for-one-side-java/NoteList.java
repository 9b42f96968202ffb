package aldera;

import java.util.ArrayList;
import java.util.List;

public class NoteList implements Notes {
    private final List<String> texts = new ArrayList<>();

    @Override
    public void note(String text) {
        texts.add(text);
    }

    @Override
    public int count() {
        return texts.size();
    }
}
