using System;
using System.Collections.Generic;

public abstract class Cargo { public abstract int Fee(); }
public class Grain : Cargo { public override int Fee() => 3; }
public class Timber : Cargo { public override int Fee() => 5; }

public class Register
{
    private readonly Dictionary<string, Func<Cargo>> makers = new();

    public Register With(string kind, Func<Cargo> maker)
    {
        makers.Add(kind, maker);
        return this;
    }

    public Cargo Make(string kind)
    {
        if (!makers.TryGetValue(kind, out var maker)) throw new KeyNotFoundException(kind);
        return maker();
    }
}

public static class Program
{
    public static void Main()
    {
        var register = new Register().With("grain", () => new Grain()).With("timber", () => new Timber());
        Console.WriteLine(register.Make("grain").Fee());
    }
}
