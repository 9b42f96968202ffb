using System;
using System.Collections.Generic;

namespace Aldera.Depths;

public interface IDepths
{
    double At(int x, int y);
}

public sealed class SonarDepths : IDepths
{
    public double At(int x, int y) => Math.Abs(Math.Sin(x) * 20 + Math.Cos(y) * 5);
}

public sealed class RememberedDepths : IDepths
{
    private readonly SonarDepths _sonar = new();
    private readonly Dictionary<(int, int), double> _known = new();

    public double At(int x, int y)
    {
        if (!_known.TryGetValue((x, y), out var depth))
        {
            depth = _sonar.At(x, y);
            _known[(x, y)] = depth;
        }
        return depth;
    }
}

public class Pilot
{
    private readonly IDepths _depths;
    public Pilot(IDepths depths) => _depths = depths;
    public bool Safe(int x, int y, double draught) => _depths.At(x, y) > draught + 1;
}

public static class Boat
{
    public static void Main() => Console.WriteLine(new Pilot(new RememberedDepths()).Safe(2, 3, 4));
}
