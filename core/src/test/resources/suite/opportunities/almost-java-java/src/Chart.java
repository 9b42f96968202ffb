package aldera;

public class Chart {
    private final DepthSource source;

    public Chart(DepthSource source) {
        this.source = source;
    }

    public String mark() {
        return source.ready() ? source.metres() + " m" : "?";
    }
}
