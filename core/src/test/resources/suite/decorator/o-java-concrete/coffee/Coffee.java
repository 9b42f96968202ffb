package coffee;

public interface Coffee {
    int cents();

    String name();
}

class Filter implements Coffee {
    public int cents() {
        return 180;
    }

    public String name() {
        return "filter";
    }

    static Coffee withMilk() {
        return new Milk(new Filter());
    }
}

class Milk implements Coffee {
    private final Filter coffee;

    Milk(Filter coffee) {
        this.coffee = coffee;
    }

    public int cents() {
        return coffee.cents() + 30;
    }

    public String name() {
        return coffee.name() + " with milk";
    }
}

class Sugar implements Coffee {
    private final Coffee coffee;

    Sugar(Coffee coffee) {
        this.coffee = coffee;
    }

    public int cents() {
        return coffee.cents();
    }

    public String name() {
        return "sweet " + coffee.name();
    }
}

class Bar {
    String order() {
        Coffee cup = new Sugar(new Milk(new Filter()));
        return cup.name() + cup.cents() + Filter.withMilk().name();
    }
}
