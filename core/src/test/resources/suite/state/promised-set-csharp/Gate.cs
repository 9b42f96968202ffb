public interface IDoor { IPosition Position { get; set; } }
public interface IPosition { void Press(IDoor door); }
public class Open : IPosition { public void Press(IDoor door) { door.Position = new Closed(); } }
public class Closed : IPosition { public void Press(IDoor door) { door.Position = new Open(); } }
public class LockGate : IDoor {
    public IPosition Position { get; set; } = new Closed();
    public void Press() { Position.Press(this); }
}
