package port;
public final class Plan {
  private State state = new State();
  public void move(String to) { state.berth = to; state.hour++; }
  public State save() { return state; }
  public void restore(State state) { this.state = state; }
}
class State { String berth; int hour; }
