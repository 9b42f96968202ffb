package taxis;

import java.util.ArrayList;
import java.util.List;

public class Fleet {
    private final List<String> cars = new ArrayList<>();

    public void add(String car) {
        cars.add(car);
    }

    public List<String> cars() {
        return cars;
    }

    public Cursor cursor() {
        return new Cursor(this);
    }

    String car(int at) {
        return cars.get(at);
    }

    int size() {
        return cars.size();
    }
}
