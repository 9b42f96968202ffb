using System;
using System.Collections.Generic;

namespace Aldera.Beacons;

public interface IBeacon
{
    string Flash();
    int Range { get; }
}

public sealed class GreenBeacon : IBeacon
{
    public string Flash() => "G";
    public int Range => 4;
}

public sealed class RedBeacon : IBeacon
{
    public string Flash() => "R";
    public int Range => 6;
}

public abstract class BeaconWrap : IBeacon
{
    private readonly IBeacon inner;

    protected BeaconWrap(IBeacon inner) => this.inner = inner ?? throw new ArgumentNullException(nameof(inner));

    public virtual string Flash() => inner.Flash();
    public virtual int Range => inner.Range;
}

public sealed class Doubled : BeaconWrap
{
    public Doubled(IBeacon inner) : base(inner) { }

    public override string Flash() => base.Flash() + base.Flash();
}

public sealed class Brighter : BeaconWrap
{
    private readonly int extra;

    public Brighter(IBeacon inner, int extra) : base(inner) => this.extra = extra;

    public override int Range => base.Range + extra;
}

public static class BeaconShed
{
    public static IBeacon Make(string side) => side switch
    {
        "port" => new RedBeacon(),
        "starboard" => new GreenBeacon(),
        _ => throw new ArgumentOutOfRangeException(nameof(side), side, "port or starboard")
    };
}

public sealed class FarBeacon : IBeacon
{
    private readonly Lazy<IBeacon> far;

    public FarBeacon(string side) => far = new Lazy<IBeacon>(() => BeaconShed.Make(side));

    public string Flash() => far.Value.Flash();
    public int Range => far.Value.Range;
}
