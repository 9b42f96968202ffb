package aldera.rules;

import aldera.fare.Fare;
import java.util.List;

public final class Rebates {
    private Rebates() {}

    public static Rebate none() {
        return new NoRebate();
    }

    public static Rebate islanders() {
        return fare -> fare.cents() / 2;
    }

    public static Rebate best(List<Rebate> of) {
        return new BestOf(of);
    }

    private static final class BestOf implements Rebate {
        private final List<Rebate> all;

        BestOf(List<Rebate> all) {
            this.all = List.copyOf(all);
        }

        @Override
        public int on(Fare fare) {
            int best = 0;
            for (Rebate rebate : all) {
                best = Math.max(best, rebate.on(fare));
            }
            return best;
        }
    }
}
