using System;
public interface IToll { double Of(double tons); }
public record Fixed(double P) : IToll { public double Of(double tons) => P; }
public record PerTon(double P) : IToll { public double Of(double tons) => P * tons; }
public enum Freight { Bulk, Box }
public static class Freights { public static IToll Toll(this Freight c) => c switch { Freight.Bulk => new PerTon(1.2), Freight.Box => new Fixed(4), _ => throw new ArgumentOutOfRangeException(nameof(c)) }; }
public static class App { public static void Main(string[] a) => Console.WriteLine(Enum.Parse<Freight>(a[0]).Toll().Of(3)); }
