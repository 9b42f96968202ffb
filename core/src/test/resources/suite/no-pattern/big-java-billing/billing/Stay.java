package aldera.billing;
public record Stay(String ship, int metres, int nights, boolean power) {}
