using System;
using System.Collections.Generic;
namespace Aldera.Yard;
public interface IAfloat { double Draught { get; } }
public abstract record Craft(string Name) : IAfloat { public abstract double Draught { get; } }
public sealed record Skiff(string Name, IReadOnlyList<Oar> Oars) : Craft(Name) { public override double Draught => 0.3; }
public readonly struct Oar { public Oar(int length, Maker? maker) { Length = length; Maker = maker; } public int Length { get; } public Maker? Maker { get; } }
public class Maker { private readonly Lazy<MakerLog> log = new(() => new MakerLog()); public Shop Shop { get; set; } = new(); public event EventHandler<LaunchedArgs>? Launched; public void Launch() => Launched?.Invoke(this, new LaunchedArgs()); }
public class MakerLog { }
public class Shop { }
public class LaunchedArgs : EventArgs { }
public partial class Crew { private readonly Dictionary<string, Skiff> boats = new(); }
public partial class Crew { public Trip Row(Skiff skiff) => new Trip(skiff.Draught); private class Seat { public Crew? Owner; } }
public class Trip { public Trip(double depth) { } }
public static class CraftExtensions { public static void Register(this Craft craft, Registry registry) => registry.Enter(craft); }
public class Registry { private HashSet<Craft> all = new(); public void Enter(Craft craft) => all.Add(craft); }
public delegate Trip Route(Craft craft);
public class Planner { private Route? route; public Planner(Route route) { this.route = route; } }
