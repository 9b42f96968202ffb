import java.util.List;
final class LinePainter {
    double[] paint(List<Double> values, Axis axis) {
        double[] points = new double[values.size()];
        for (int i = 0; i < points.length; i++) {
            points[i] = axis.toScreen(values.get(i)) + points.length;
        }
        return points;
    }
}
