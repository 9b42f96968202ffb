package weir;

import java.util.EventObject;

public class LevelEvent extends EventObject {
    private final int centimetres;

    public LevelEvent(Weir source, int centimetres) {
        super(source);
        this.centimetres = centimetres;
    }

    public int centimetres() {
        return centimetres;
    }
}
