package aldera.tariff;

import java.util.HashMap;
import java.util.Map;

public class Tariff {
    private static Tariff instance;
    private final Map<String, Integer> rates = new HashMap<>();

    public Tariff() {
        rates.put("tug", 40);
    }

    public static Tariff getInstance() {
        if (instance == null) {
            instance = new Tariff();
        }
        return instance;
    }

    public void change(String what, int rate) {
        rates.put(what, rate);
    }

    public int rate(String what) {
        return rates.getOrDefault(what, 0);
    }
}
