package aldera;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

public interface Tariff {
    double value(Map<String, Double> ship);

    record Fixed(double amount) implements Tariff {
        @Override
        public double value(Map<String, Double> ship) {
            return amount;
        }
    }

    record Measured(String what, double each) implements Tariff {
        @Override
        public double value(Map<String, Double> ship) {
            Double measure = ship.get(what);
            return measure == null ? 0 : measure * each;
        }
    }

    record Sum(List<Tariff> parts) implements Tariff {
        @Override
        public double value(Map<String, Double> ship) {
            double sum = 0;
            for (Tariff part : parts) {
                sum += part.value(new HashMap<>());
            }
            return sum;
        }
    }

    record AtMost(Tariff inner, double limit) implements Tariff {
        @Override
        public double value(Map<String, Double> ship) {
            return Math.min(limit, inner.value(ship));
        }
    }
}
