package aldera;
class Tower {
  private final Crane crane = new Crane(this); private final Truck truck = new Truck(this); private final Lamp lamp = new Lamp(this);
  void loaded() { truck.leave(); lamp.green(); }
  void left() { crane.rest(); }
  void broken() { lamp.red(); crane.rest(); }
}
class Crane { private final Tower tower; private boolean busy; private Truck favourite; Crane(Tower tower) { this.tower = tower; } void load(Truck truck) { busy = true; favourite = truck; truck.leave(); tower.loaded(); } void rest() { busy = false; } }
class Truck { private final Tower tower; private int trips; Truck(Tower tower) { this.tower = tower; } void leave() { trips++; tower.left(); } }
class Lamp { private final Tower tower; private String colour; Lamp(Tower tower) { this.tower = tower; } void green() { colour = "green"; } void red() { colour = "red"; } void fail() { tower.broken(); } }
