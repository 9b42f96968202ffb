package port;
public final class Plan {
  private State state = new State("", 0);
  public void move(String to) { state = state.withBerth(to); }
  public State save() { return state; }
  public void restore(State state) { this.state = state; }
}
record State(String berth, int hour) {
  State withBerth(String to) { return new State(to, hour + 1); }
}
