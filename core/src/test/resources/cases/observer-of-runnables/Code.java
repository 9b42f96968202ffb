import java.util.*;
class Kettle { private final List<Runnable> whenHot = new ArrayList<>(); private int degrees;
  void whenHot(Runnable job) { whenHot.add(job); }
  void heat() { degrees = 100; whenHot.forEach(Runnable::run); } }
class Kitchen { int cups; void start(Kettle k) { k.whenHot(() -> cups++); k.whenHot(this::whistle); } void whistle() { cups--; } }
