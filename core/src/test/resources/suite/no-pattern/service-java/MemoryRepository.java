package aldera.repo;

import java.util.ArrayList;
import java.util.List;

public class MemoryRepository implements Repository {
    private final List<String> names = new ArrayList<>();

    @Override
    public List<String> all() {
        return List.copyOf(names);
    }

    @Override
    public void save(String name) {
        names.add(name);
    }
}
