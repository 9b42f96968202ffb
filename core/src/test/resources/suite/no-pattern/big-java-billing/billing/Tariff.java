package aldera.billing;
public interface Tariff { Money price(Stay stay); }
