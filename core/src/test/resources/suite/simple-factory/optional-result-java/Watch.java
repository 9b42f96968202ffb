package aldera.signals;

public class Watch {
    public String call(String word) {
        return Signals.of(word).map(Signal::give).orElse("");
    }
}
