using System;
using System.Collections.Generic;
class Bell {
    private readonly List<Action<string>> handlers = new();
    public void OnRing(Action<string> handler) => handlers.Add(handler);
    public void Off(Action<string> handler) => handlers.Remove(handler);
    public void Ring(string why) {
        Action<string>[] copy;
        lock (handlers) { copy = handlers.ToArray(); }
        foreach (Action<string> handler in copy) handler(why);
    }
}
