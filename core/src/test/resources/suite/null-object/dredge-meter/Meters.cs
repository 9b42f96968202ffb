using System;
using System.Collections.Generic;

namespace Aldera.Dredging;

public interface IDepthMeter
{
    double Depth { get; }
    void Calibrate(double offset);
    void Report(Action<string> sink);
}

public sealed class SonarMeter : IDepthMeter
{
    private double offset;
    private readonly double raw;

    public SonarMeter(double raw) => this.raw = raw;

    public double Depth => raw + offset;

    public void Calibrate(double offset) => this.offset = offset;

    public void Report(Action<string> sink) => sink($"{Depth:0.0} m");
}

public sealed class NoMeter : IDepthMeter
{
    public static readonly IDepthMeter Instance = new NoMeter();

    private NoMeter() { }

    public double Depth => 0;

    public void Calibrate(double offset) { }

    public void Report(Action<string> sink) { }
}

public class Dredger
{
    private readonly IDepthMeter meter;

    public Dredger(IDepthMeter? meter)
    {
        this.meter = meter ?? NoMeter.Instance;
    }

    public void Work(List<string> log)
    {
        meter.Calibrate(0.3);
        meter.Report(log.Add);
    }
}

public static class Yard
{
    public static void Main()
    {
        var log = new List<string>();
        new Dredger(new SonarMeter(8.2)).Work(log);
        new Dredger(null).Work(log);
        Console.WriteLine(log.Count);
    }
}
