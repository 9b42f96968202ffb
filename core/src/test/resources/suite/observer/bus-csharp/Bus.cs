using System;
using System.Collections.Generic;

public record Arrived(string Ship);
public record Left(string Ship);

public class HarbourBus
{
    private readonly Dictionary<Type, List<Action<object>>> handlers = new();

    public void Subscribe<T>(Action<T> handler)
    {
        if (!handlers.TryGetValue(typeof(T), out var list))
        {
            handlers[typeof(T)] = list = new List<Action<object>>();
        }
        list.Add(one => handler((T)one));
    }

    public void Publish<T>(T happened)
    {
        if (handlers.TryGetValue(typeof(T), out var list))
        {
            foreach (var handler in list.ToArray())
            {
                handler(happened!);
            }
        }
    }
}

public class Board
{
    private readonly List<string> lines = new();

    public Board(HarbourBus bus)
    {
        bus.Subscribe<Arrived>(one => lines.Add(one.Ship));
        bus.Subscribe<Left>(one => lines.Remove(one.Ship));
    }
}
