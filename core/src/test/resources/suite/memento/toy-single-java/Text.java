import java.util.ArrayList;
import java.util.List;

class Text {
    private String words;

    Text(String words) {
        this.words = words;
    }

    void shuffle() {
        words = words.substring(1) + words.charAt(0);
    }

    Snapshot save() {
        return new Kept(words);
    }

    void restore(Snapshot snapshot) {
        words = snapshot.words();
    }
}

interface Snapshot {
    String name();

    String words();
}

class Kept implements Snapshot {
    private final String words;
    private final long when;

    Kept(String words) {
        this.words = words;
        this.when = System.currentTimeMillis();
    }

    @Override
    public String name() {
        return when + " " + words.substring(0, 2);
    }

    @Override
    public String words() {
        return words;
    }
}

class Desk {
    private final List<Snapshot> past = new ArrayList<>();
    private final Text text;

    Desk(Text text) {
        this.text = text;
    }

    void backup() {
        past.add(text.save());
    }

    void undo() {
        if (past.isEmpty()) {
            return;
        }
        Snapshot last = past.remove(past.size() - 1);
        try {
            text.restore(last);
        } catch (RuntimeException e) {
            undo();
        }
    }

    void show() {
        for (Snapshot one : past) {
            System.out.println(one.name());
        }
    }
}
