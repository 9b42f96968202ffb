using System;
using System.Collections.Generic;
using System.Linq;
namespace Aldera.Sim;
public readonly record struct Point(double X, double Y) { public double To(Point o) => Math.Sqrt((X - o.X) * (X - o.X) + (Y - o.Y) * (Y - o.Y)); }
public interface ISteering { Point Next(Boat boat, World world); }
public class Drift : ISteering { public Point Next(Boat boat, World world) => boat.At with { X = boat.At.X + world.Current }; }
public class Follow : ISteering { private readonly Boat leader; public Follow(Boat leader) => this.leader = leader; public Point Next(Boat boat, World world) => new((boat.At.X + leader.At.X) / 2, (boat.At.Y + leader.At.Y) / 2); }
public class Route : ISteering { private readonly Queue<Point> points; public Route(IEnumerable<Point> points) => this.points = new(points); public Point Next(Boat boat, World world) { if (points.Count > 0 && boat.At.To(points.Peek()) < 1) points.Dequeue(); return points.Count > 0 ? points.Peek() : boat.At; } }
public class Boat
{
    private ISteering steering;
    public Boat(string name, Point at, ISteering steering) { Name = name; At = at; this.steering = steering; }
    public string Name { get; }
    public Point At { get; private set; }
    public void Steer(ISteering steering) => this.steering = steering;
    public void Tick(World world) => At = steering.Next(this, world);
}
public class World
{
    private readonly List<Boat> boats = new();
    public double Current { get; set; } = 0.2;
    public event Action<Boat, Boat>? Close;
    public void Add(Boat boat) => boats.Add(boat);
    public void Tick()
    {
        foreach (var boat in boats) boat.Tick(this);
        foreach (var (a, b) in boats.SelectMany((a, i) => boats.Skip(i + 1).Select(b => (a, b)))) if (a.At.To(b.At) < 0.5) Close?.Invoke(a, b);
    }
}
public class Radio { private readonly List<string> calls = new(); public Radio(World world) { world.Close += (a, b) => calls.Add($"{a.Name} keep clear of {b.Name}"); } public int Count => calls.Count; }
public static class Program
{
    public static void Main()
    {
        var world = new World();
        var ferry = new Boat("Gaviota", new(0, 0), new Route(new[] { new Point(4, 4), new Point(9, 1) }));
        world.Add(ferry);
        var tug = new Boat("Pulga", new(1, 1), new Drift());
        world.Add(tug);
        tug.Steer(new Follow(ferry));
        var radio = new Radio(world);
        for (var i = 0; i < 10; i++) world.Tick();
        Console.WriteLine(radio.Count);
    }
}
