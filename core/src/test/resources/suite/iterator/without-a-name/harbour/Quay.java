package harbour;

import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.NoSuchElementException;

public class Quay implements Iterable<String> {
    private final List<String> berths = new ArrayList<>();

    public void add(String berth) {
        berths.add(berth);
    }

    @Override
    public Iterator<String> iterator() {
        return new Iterator<>() {
            private int at;

            @Override
            public boolean hasNext() {
                return at < berths.size();
            }

            @Override
            public String next() {
                if (!hasNext()) {
                    throw new NoSuchElementException();
                }
                return berths.get(at++);
            }
        };
    }
}
