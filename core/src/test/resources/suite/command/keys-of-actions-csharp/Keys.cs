using System;
using System.Collections.Generic;
namespace Aldera;
public class Lamp { public void On() { } public void Off() { } }
public class Panel
{
    private readonly Dictionary<char, Action> keys = new();
    public void Bind(char key, Action action) => keys[key] = action;
    public void Press(char key) { if (keys.TryGetValue(key, out var a)) a(); }
}
public static class Program { public static void Main() { var l = new Lamp(); var p = new Panel(); p.Bind('1', l.On); p.Bind('0', () => l.Off()); p.Press('1'); } }
