interface Toll { double of(double tons); }
record Fixed(double p) implements Toll { public double of(double tons) { return p; } }
record PerTon(double p) implements Toll { public double of(double tons) { return p * tons; } }
enum Freight { BULK, BOX;
    Toll toll() { return switch (this) { case BULK -> new PerTon(1.2); case BOX -> new Fixed(4); }; } }
class App { public static void main(String[] a) { System.out.println(Freight.valueOf(a[0]).toll().of(3)); } }
