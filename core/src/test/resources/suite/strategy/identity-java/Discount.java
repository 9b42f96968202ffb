interface Discount {
    long apply(long cents);
}

class FullPrice implements Discount {
    @Override
    public long apply(long cents) {
        return cents;
    }
}

class SeniorPrice implements Discount {
    @Override
    public long apply(long cents) {
        return cents * 80 / 100;
    }
}

class GroupPrice implements Discount {
    private final int people;

    GroupPrice(int people) {
        this.people = people;
    }

    @Override
    public long apply(long cents) {
        return people > 9 ? cents * 70 / 100 : cents;
    }
}

class Ticket {
    private final Discount discount;

    Ticket(Discount discount) {
        this.discount = discount;
    }

    long price(long cents) {
        return discount.apply(cents);
    }
}

class Booth {
    long sell(boolean senior) {
        return new Ticket(senior ? new SeniorPrice() : new FullPrice()).price(1200);
    }

    long group(int people) {
        return new Ticket(new GroupPrice(people)).price(1200) * people;
    }
}
