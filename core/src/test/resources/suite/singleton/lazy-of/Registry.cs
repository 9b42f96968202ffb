using System;
using System.Collections.Generic;

public sealed class HarbourRegistry
{
    private static readonly Lazy<HarbourRegistry> Shared = new(() => new HarbourRegistry());
    private readonly Dictionary<string, int> berths = new();

    private HarbourRegistry() { }

    public static HarbourRegistry Instance => Shared.Value;

    public void Assign(string ship, int berth) => berths[ship] = berth;
    public int? Of(string ship) => berths.TryGetValue(ship, out var berth) ? berth : null;
}

public class Desk
{
    public void Arrive(string ship, int berth) => HarbourRegistry.Instance.Assign(ship, berth);
}

public class Phone
{
    public string Ask(string ship) => $"{HarbourRegistry.Instance.Of(ship)}";
}
