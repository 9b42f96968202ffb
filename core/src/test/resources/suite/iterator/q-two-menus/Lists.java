package inn;

import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;

interface Board {
    Iterator<String> items();
}

class DayBoard implements Board {
    private final String[] items = new String[6];
    private int count;

    void chalk(String item) {
        if (count < items.length) {
            items[count++] = item;
        }
    }

    @Override
    public Iterator<String> items() {
        return new DayBoardWalk(items);
    }
}

class DayBoardWalk implements Iterator<String> {
    private final String[] items;
    private int at;

    DayBoardWalk(String[] items) {
        this.items = items;
    }

    @Override
    public boolean hasNext() {
        return at < items.length && items[at] != null;
    }

    @Override
    public String next() {
        return items[at++];
    }
}

class NightBoard implements Board {
    private final List<String> items = new ArrayList<>();

    void chalk(String item) {
        items.add(item);
    }

    @Override
    public Iterator<String> items() {
        return items.iterator();
    }
}

class Host {
    private final Board day;
    private final Board night;

    Host(Board day, Board night) {
        this.day = day;
        this.night = night;
    }

    String read() {
        return read(day.items()) + read(night.items());
    }

    private String read(Iterator<String> walk) {
        StringBuilder text = new StringBuilder();
        while (walk.hasNext()) {
            text.append(walk.next()).append('\n');
        }
        return text.toString();
    }
}
