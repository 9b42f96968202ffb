package aldera;
import java.beans.*;
class FuelTank {
  private final PropertyChangeSupport changes = new PropertyChangeSupport(this);
  private int litres;
  void addPropertyChangeListener(PropertyChangeListener listener) { changes.addPropertyChangeListener(listener); }
  void removePropertyChangeListener(PropertyChangeListener listener) { changes.removePropertyChangeListener(listener); }
  void fill(int amount) { int old = litres; litres += amount; changes.firePropertyChange("litres", old, litres); }
}
class Dial implements PropertyChangeListener {
  private int shown;
  @Override public void propertyChange(PropertyChangeEvent event) { shown = (Integer) event.getNewValue(); }
}
class LowFuel implements PropertyChangeListener {
  boolean lit;
  @Override public void propertyChange(PropertyChangeEvent event) { lit = (Integer) event.getNewValue() < 20; }
}
class EngineRoom { void start() { FuelTank tank = new FuelTank(); tank.addPropertyChangeListener(new Dial()); tank.addPropertyChangeListener(new LowFuel()); tank.fill(4); } }
