package loom;

import java.util.HashMap;
import java.util.Map;

public class PatternBook {
    private final Map<String, Motif> motifs = new HashMap<>();

    public void keep(String name, Motif motif) {
        motifs.put(name, motif);
    }

    public Motif fresh(String name) {
        return motifs.get(name).clone();
    }
}
