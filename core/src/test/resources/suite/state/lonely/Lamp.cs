namespace Aldera.Lamp;
public interface ILampState { void Press(Lamp lamp); bool Lit { get; } }
public class Off : ILampState { public void Press(Lamp lamp) => lamp.State = new On(); public bool Lit => false; }
public class On : ILampState { public void Press(Lamp lamp) { } public bool Lit => true; }
public class Broken : ILampState { public void Press(Lamp lamp) { } public bool Lit => false; }
public class Lamp
{
    public ILampState State { get; set; } = new Off();
    public void Press() { if (State is Broken) return; State.Press(this); }
    public string Text() { switch (State) { case On _: return "lit"; default: return "dark"; } }
}
public class Keeper { public string Night() { var l = new Lamp(); l.Press(); return l.Text(); } }
