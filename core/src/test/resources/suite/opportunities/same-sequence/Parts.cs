namespace Aldera.Bunkering;
public class Hose { public void Connect() { Length = 3; } public void Disconnect() { Length = 0; } public int Length; }
public class Pump { private double litres; public void Run(double amount) { litres += amount; } }
public class Meter { private int stamp; public int Stamp() { return ++stamp; } }
