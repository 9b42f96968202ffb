using System;
using System.Collections.Concurrent;

namespace Port;

public sealed class Register
{
    private static readonly Lazy<Register> lazy = new(() => new Register());
    private readonly ConcurrentDictionary<string, int> ships = new();

    private Register()
    {
    }

    public static Register Instance => lazy.Value;

    public void Enter(string name, int tonnes) => ships[name] = tonnes;

    public int Tonnes(string name) => ships.TryGetValue(name, out var tonnes) ? tonnes : 0;
}

public static class Program
{
    public static void Main()
    {
        Register.Instance.Enter("Oria", 900);
        Console.WriteLine(Register.Instance.Tonnes("Oria"));
    }
}
