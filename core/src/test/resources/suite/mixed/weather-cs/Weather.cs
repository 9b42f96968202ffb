using System;
using System.Collections.Generic;

namespace Aldera.Weather;

public interface ISensor
{
    double Celsius { get; }
    string Name { get; }
}

public sealed class OldThermometer
{
    public int ReadFahrenheit() => 70;
    public string Label = "old one";
}

public sealed class ThermometerSensor : ISensor
{
    private readonly OldThermometer inner;

    public ThermometerSensor(OldThermometer inner) => this.inner = inner;

    public double Celsius => (inner.ReadFahrenheit() - 32) / 1.8;
    public string Name => inner.Label;
}

public sealed class FixedSensor : ISensor
{
    public double Celsius { get; init; }
    public string Name => "fixed";
}

public class Station
{
    private readonly List<ISensor> sensors = new();
    public event EventHandler<ReadingEventArgs>? Read;

    public void Mount(ISensor sensor) => sensors.Add(sensor);

    public void Poll()
    {
        foreach (var sensor in sensors)
        {
            OnRead(new ReadingEventArgs(sensor.Name, sensor.Celsius));
        }
    }

    protected virtual void OnRead(ReadingEventArgs e) => Read?.Invoke(this, e);
}

public class ReadingEventArgs : EventArgs
{
    public ReadingEventArgs(string name, double celsius)
    {
        Name = name;
        Celsius = celsius;
    }

    public string Name { get; }
    public double Celsius { get; }
}

public class Display
{
    public void Attach(Station station) => station.Read += Show;
    public void Detach(Station station) => station.Read -= Show;

    private void Show(object? sender, ReadingEventArgs e) => Console.WriteLine($"{e.Name}: {e.Celsius:F1}");
}

public class Alarm
{
    private bool ringing;

    public Alarm(Station station)
    {
        station.Read += (_, e) => ringing |= e.Celsius < -10;
    }

    public bool Ringing => ringing;
}
