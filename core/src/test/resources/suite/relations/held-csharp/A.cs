namespace Aldera.Rel;

public interface IMoor { void Moor(); }
public abstract class Craft { protected Pilot? pilot; }
public partial class Barge : Craft { private readonly System.Collections.Generic.List<Crate> crates = new(); }
public partial class Barge : IMoor { public void Moor() { var line = new Line(); line.Tie(); } public Captain Captain { get; set; } = null!; }
public class Pilot { }
public class Crate { }
public class Captain { }
public class Line { public void Tie() { } }
public struct Fix { public double Lat; }
public record Track(Fix Start, Fix End);
