class Berth {
    private Terms terms = new DayTerms(1);

    void dearer() {
        terms = terms.withRate(2);
    }

    void month() {
        terms = new MonthTerms(5);
    }

    int due(int days) {
        return terms.due(days);
    }
}

interface Terms {
    int due(int days);

    Terms withRate(int rate);
}

class DayTerms implements Terms {
    private final int rate;

    DayTerms(int rate) {
        this.rate = rate;
    }

    public int due(int days) {
        return rate * days;
    }

    public Terms withRate(int rate) {
        return new DayTerms(rate);
    }
}

class MonthTerms implements Terms {
    private final int rate;

    MonthTerms(int rate) {
        this.rate = rate;
    }

    public int due(int days) {
        return rate * days / 30;
    }

    public Terms withRate(int rate) {
        return new MonthTerms(rate);
    }
}
