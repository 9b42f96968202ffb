using System;

namespace Aldera.Weather;

public class GustEventArgs : EventArgs
{
    public GustEventArgs(double knots) => Knots = knots;
    public double Knots { get; }
}

public class Mast
{
    public event EventHandler<GustEventArgs> Gust;

    public void Measure(double knots)
    {
        if (knots > 35)
        {
            OnGust(new GustEventArgs(knots));
        }
    }

    protected virtual void OnGust(GustEventArgs e) => Gust?.Invoke(this, e);
}

public class CraneBrake : IDisposable
{
    private readonly Mast _mast;
    private bool _set;

    public CraneBrake(Mast mast)
    {
        _mast = mast;
        _mast.Gust += Stop;
    }

    private void Stop(object sender, GustEventArgs e) => _set = e.Knots > 40;

    public void Dispose() => _mast.Gust -= Stop;
}

public class GustBook
{
    private double _highest;

    public void Listen(Mast mast) => mast.Gust += (s, e) => _highest = Math.Max(_highest, e.Knots);
}
