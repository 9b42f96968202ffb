import java.util.*;
interface Cargo { int weight(); }
class Crate implements Cargo { public int weight() { return 1; } }
class Pallet implements Cargo { private final List<Cargo> cargos = new ArrayList<>(); void add(Cargo p) { cargos.add(p); } public int weight() { return cargos.stream().map(Cargo::weight).reduce(0, Integer::sum); } }
class App { public static void main(String[] a) { Pallet k = new Pallet(); k.add(new Crate()); Cargo p = k; p.weight(); } }
