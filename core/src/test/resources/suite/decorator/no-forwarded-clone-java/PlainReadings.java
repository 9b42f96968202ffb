import java.util.ArrayList;
import java.util.List;
class PlainReadings implements Readings {
    private List<Double> values = new ArrayList<>();
    void note(double value) { values.add(value); }
    public int count() { return values.size(); }
    @Override public Object clone() throws CloneNotSupportedException {
        PlainReadings copy = (PlainReadings) super.clone();
        copy.values = new ArrayList<>(values);
        return copy;
    }
}
