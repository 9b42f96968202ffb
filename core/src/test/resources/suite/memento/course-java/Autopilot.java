import java.util.*;
final class Course {
    private final int degrees; private final int knots;
    Course(int degrees, int knots) { this.degrees = degrees; this.knots = knots; }
    int degrees() { return degrees; }
    int knots() { return knots; }
}
class Autopilot {
    private int degrees; private int knots;
    void turn(int by) { degrees += by; }
    void faster(int by) { knots += by; }
    Course save() { return new Course(degrees, knots); }
    void restore(Course c) { degrees = c.degrees(); knots = c.knots(); }
}
class Bridge {
    private final Deque<Course> kept = new ArrayDeque<>();
    void keep(Autopilot a) { kept.push(a.save()); }
    void back(Autopilot a) { a.restore(kept.pop()); }
}
