import java.util.function.Consumer;

class Voyage {
    private String ship;
    private int crew;
    private Voyage() { }
    static Voyage of(Consumer<Plan> filling) {
        Plan plan = new Plan();
        filling.accept(plan);
        return plan.build();
    }
    String ship() { return ship; }
    static class Plan {
        private final Voyage made = new Voyage();
        Plan ship(String name) { made.ship = name; return this; }
        Plan crew(int hands) { made.crew = hands; return this; }
        private Voyage build() { return made; }
    }
}
