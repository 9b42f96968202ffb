package docs;

import java.util.HashMap;
import java.util.Map;

public class FileArchive implements Archive {
    private final Map<String, String> files = new HashMap<>();

    @Override
    public String read(String name) {
        return files.get(name);
    }

    @Override
    public void write(String name, String text) {
        files.put(name, text);
    }
}
