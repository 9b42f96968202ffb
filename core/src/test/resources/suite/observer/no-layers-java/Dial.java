import java.util.ArrayList;
import java.util.List;
final class Dial {
    private final List<Layer> layers = new ArrayList<>();
    private int value;
    void add(Layer layer) { layers.add(layer); }
    void remove(Layer layer) { layers.remove(layer); }
    int value() { return value; }
    void show(int value, StringBuilder on) {
        this.value = value;
        for (Layer layer : layers) {
            layer.paint(this, on);
        }
    }
    int height() {
        int sum = 0;
        for (Layer layer : layers) {
            sum += layer.height();
        }
        return sum;
    }
    String names() {
        StringBuilder all = new StringBuilder();
        for (Layer layer : layers) {
            all.append(layer.name());
        }
        return all.toString();
    }
}
