class Course {
    private final int degrees; private final int knots;
    Course(int degrees, int knots) { this.degrees = degrees; this.knots = knots; }
    Course withKnots(int k) { return new Course(degrees, k); }
    int knots() { return knots; }
}
class Helm { Course faster(Course c) { return c.withKnots(c.knots() + 1); } }
