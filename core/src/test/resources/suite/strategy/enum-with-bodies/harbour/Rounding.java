package harbour;

enum Rounding {
    UP {
        @Override
        int apply(double sum) {
            return (int) Math.ceil(sum);
        }
    },
    DOWN {
        @Override
        int apply(double sum) {
            return (int) Math.floor(sum / 10) * 10;
        }
    };

    abstract int apply(double sum);
}

class Invoice {
    private final Rounding rounding;
    private double sum;

    Invoice(Rounding rounding) {
        this.rounding = rounding;
    }

    void add(double amount) {
        sum += amount;
    }

    int total() {
        return rounding.apply(sum);
    }
}

class Office {
    int members(double amount) {
        Invoice invoice = new Invoice(Rounding.DOWN);
        invoice.add(amount);
        return invoice.total();
    }

    int guests(double amount) {
        Invoice invoice = new Invoice(Rounding.UP);
        invoice.add(amount);
        return invoice.total();
    }
}
