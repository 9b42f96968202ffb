using System;
using System.Collections.Generic;

public interface IGateState
{
    string Name { get; }
    void Coin(Turnstile gate);
    void Push(Turnstile gate);
}

public class Turnstile
{
    private readonly Dictionary<string, IGateState> _states = new();
    private IGateState _state;
    public int Coins { get; private set; }

    public Turnstile()
    {
        foreach (var state in new IGateState[] { new Locked(), new Unlocked(), new Jammed() })
            _states[state.Name] = state;
        _state = _states["locked"];
    }

    public void Coin() => _state.Coin(this);
    public void Push() => _state.Push(this);

    internal void Collect() => Coins++;
    internal void GoTo(string name) => _state = _states[name];
}

public class Locked : IGateState
{
    private int _pushes;
    public string Name => "locked";

    public void Coin(Turnstile gate)
    {
        gate.Collect();
        gate.GoTo("unlocked");
    }

    public void Push(Turnstile gate)
    {
        if (++_pushes > 5) gate.GoTo("jammed");
    }
}

public class Unlocked : IGateState
{
    public string Name => "unlocked";
    public void Coin(Turnstile gate) => gate.Collect();
    public void Push(Turnstile gate) => gate.GoTo("locked");
}

public class Jammed : IGateState
{
    public string Name => "jammed";
    public void Coin(Turnstile gate) => Console.WriteLine("out of order");
    public void Push(Turnstile gate) => Console.WriteLine("out of order");
}

public static class Program
{
    public static void Main()
    {
        var gate = new Turnstile();
        gate.Push();
        gate.Coin();
        gate.Push();
        Console.WriteLine(gate.Coins);
    }
}
