package aldera.cargo;

import java.util.ArrayList;
import java.util.List;

public class CsvSheet {
    private final List<String[]> rows = new ArrayList<>();

    public int rowCount() {
        return rows.size();
    }

    public String[] row(int number) {
        return rows.get(number);
    }
}
