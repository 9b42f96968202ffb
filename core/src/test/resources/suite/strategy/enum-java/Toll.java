package aldera.toll;

enum TollRule {
    FLAT {
        @Override
        int cents(int tons) {
            return 5000;
        }
    },
    BY_WEIGHT {
        @Override
        int cents(int tons) {
            return tons * 12;
        }
    };

    abstract int cents(int tons);
}

final class TollDesk {
    private TollRule rule;

    TollDesk(TollRule rule) {
        this.rule = rule;
    }

    void apply(TollRule next) {
        rule = next;
    }

    int charge(int tons) {
        return rule.cents(tons) + 100;
    }
}
