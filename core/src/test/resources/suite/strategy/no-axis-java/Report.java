import java.util.List;
final class Report {
    double[] tides(List<Double> values) { return new LinePainter().paint(values, new TideAxis(4)); }
    double[] loads(List<Double> values) { return new LinePainter().paint(values, new LoadAxis(900)); }
}
