package aldera;
import java.util.*;
class Radio { private int channel; void tune(int channel) { this.channel = channel; } int channel() { return channel; } }
class RadioPool {
  private final Deque<Radio> free = new ArrayDeque<>();
  Radio borrow() { return free.isEmpty() ? new Radio() : free.pop(); }
  void giveBack(Radio radio) { radio.tune(0); free.push(radio); }
}
class Sailor {
  private final RadioPool pool;
  Sailor(RadioPool pool) { this.pool = pool; }
  int call() { Radio radio = pool.borrow(); radio.tune(16); int used = radio.channel(); pool.giveBack(radio); return used; }
}
