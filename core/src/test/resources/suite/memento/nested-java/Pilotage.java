package aldera;
import java.util.*;
class Autopilot {
  private int course; private double speed; private final List<String> marks = new ArrayList<>();
  void steer(int course) { this.course = course; }
  void accelerate(double by) { speed += by; }
  void mark(String name) { marks.add(name); }
  Memory remember() { return new Memory(course, speed, List.copyOf(marks)); }
  void recall(Memory memory) { course = memory.course; speed = memory.speed; marks.clear(); marks.addAll(memory.marks); }
  static final class Memory {
    private final int course; private final double speed; private final List<String> marks;
    private Memory(int course, double speed, List<String> marks) { this.course = course; this.speed = speed; this.marks = marks; }
  }
}
class Watch {
  private final Deque<Autopilot.Memory> memories = new ArrayDeque<>();
  void before(Autopilot pilot) { memories.push(pilot.remember()); }
  void back(Autopilot pilot) { if (!memories.isEmpty()) pilot.recall(memories.pop()); }
}
