package port;
import java.util.ArrayDeque;
import java.util.Deque;
public final class Log {
  private final Deque<State> past = new ArrayDeque<>();
  public void note(Plan plan) { past.push(plan.save()); }
  public void undo(Plan plan) { plan.restore(past.pop()); }
}
