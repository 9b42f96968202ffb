package aldera.scale;

public class Gate {
    private final Scale scale;

    public Gate(Scale scale) {
        this.scale = scale;
    }

    public boolean pass() {
        return scale.steady() && scale.kilos() < 40000;
    }
}
