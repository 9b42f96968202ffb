interface Axis {
    double toScreen(double value);
    double lower();
    double upper();
    String label();
}
