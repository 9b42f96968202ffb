package customs;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

public abstract class Paper implements Cloneable {
    private String stamp;
    private List<String> lines = new ArrayList<>();

    public void stamp(String stamp) {
        this.stamp = stamp;
    }

    public void line(String line) {
        lines.add(line);
    }

    public abstract String title();

    @Override
    public Paper clone() {
        try {
            Paper copy = (Paper) super.clone();
            copy.lines = new ArrayList<>(lines);
            return copy;
        } catch (CloneNotSupportedException e) {
            throw new AssertionError(e);
        }
    }
}

class Manifest extends Paper {
    @Override
    public String title() {
        return "manifest";
    }
}

class Waybill extends Paper {
    @Override
    public String title() {
        return "waybill";
    }
}

class Drawer {
    private final Map<String, Paper> forms = new HashMap<>();

    void keep(String name, Paper form) {
        forms.put(name, form);
    }

    Paper take(String name) {
        return forms.get(name).clone();
    }
}
