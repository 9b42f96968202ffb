package aldera.repo;

import java.util.ArrayList;
import java.util.List;

public interface Repository {
    List<String> all();

    void save(String name);
}
