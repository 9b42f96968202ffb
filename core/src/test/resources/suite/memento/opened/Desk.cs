using System.Collections.Generic;
namespace Aldera.Mixer;
public class MixDesk
{
    private int gain; private int bass; private string preset = "hall";
    public void Turn(int by) { gain += by; bass -= by; }
    public void Choose(string name) { preset = name; }
    public DeskState Save() => new DeskState { Gain = gain, Bass = bass, Preset = preset };
    public void Load(DeskState state) { gain = state.Gain; bass = state.Bass; preset = state.Preset; }
}
public class DeskState { public int Gain { get; set; } public int Bass { get; set; } public string Preset { get; set; } }
public class Technician
{
    private readonly Stack<DeskState> saved = new();
    private readonly MixDesk desk;
    public Technician(MixDesk desk) { this.desk = desk; }
    public void Try(int by) { saved.Push(desk.Save()); desk.Turn(by); }
    public void Undo() { if (saved.Count > 0) desk.Load(saved.Pop()); }
    public bool WasLoud() => saved.Peek().Gain > 10;
}
