using System;
using System.Collections.Generic;
namespace Aldera.Tides;

public interface ITideListener { void Risen(double metres); }

public class TideStation
{
    private readonly List<ITideListener> listeners = new List<ITideListener>();
    private double level;

    public void Join(ITideListener listener) => listeners.Add(listener);
    public void Leave(ITideListener listener) => listeners.Remove(listener);

    public double Level
    {
        get => level;
        set
        {
            level = value;
            foreach (var listener in listeners)
            {
                if (listener is FloodGate gate)
                {
                    gate.Risen(value);
                }
                else
                {
                    listener.Risen(value);
                }
            }
        }
    }
}

public class FloodGate : ITideListener { public bool Shut { get; private set; } public void Risen(double metres) { Shut = metres > 4; } }
public class TideBoard : ITideListener { private string text = ""; public void Risen(double metres) { text = $"{metres:0.0}"; } public string Text => text; }
public class Sleeper : ITideListener { public void Risen(double metres) { } }
