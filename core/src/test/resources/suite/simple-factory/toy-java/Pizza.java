abstract class Pizza {
    protected String name;

    void prepare() {
        System.out.println("preparing " + name);
    }

    String getName() {
        return name;
    }
}

class CheesePizza extends Pizza {
    CheesePizza() {
        name = "cheese";
    }
}

class ClamPizza extends Pizza {
    ClamPizza() {
        name = "clam";
    }
}

class PizzaFactory {
    Pizza createPizza(String type) {
        Pizza pizza = null;
        if (type.equals("cheese")) {
            pizza = new CheesePizza();
        } else if (type.equals("clam")) {
            pizza = new ClamPizza();
        }
        return pizza;
    }
}

class PizzaStore {
    private final PizzaFactory factory;

    PizzaStore(PizzaFactory factory) {
        this.factory = factory;
    }

    Pizza order(String type) {
        Pizza pizza = factory.createPizza(type);
        pizza.prepare();
        return pizza;
    }
}
