class Fuel { private int litres; void pump() { litres--; } }
class Spark { private int n; void fire() { n++; } }
class Engine {
    private final Fuel fuel; private final Spark spark;
    Engine(Fuel fuel, Spark spark) { this.fuel = fuel; this.spark = spark; }
    void start() { fuel.pump(); spark.fire(); }
}
class Stoker { void shift() { Fuel f = new Fuel(); Spark s = new Spark(); new Engine(f, s).start(); } }
