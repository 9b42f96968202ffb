import java.util.ArrayList;
import java.util.List;
class Row implements Lamp {
    private final List<Lamp> lamps = new ArrayList<>();
    void add(Lamp lamp) { lamps.add(lamp); }
    public int light(int hour) {
        int sum = 0;
        for (Lamp lamp : lamps) {
            sum += lamp.light(hour);
        }
        return sum;
    }
}
