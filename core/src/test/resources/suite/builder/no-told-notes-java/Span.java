final class Span {
    final double from;
    final double to;
    Span(double from, double to) { this.from = from; this.to = to; }
}
