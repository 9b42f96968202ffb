package aldera.stock;
public record Item(String code, int grams) {}
