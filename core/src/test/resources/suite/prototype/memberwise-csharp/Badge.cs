namespace Aldera;
public class Badge
{
    private string name = "";
    private int level;
    public void Raise() { level++; }
    public Badge Copy() => (Badge)MemberwiseClone();
}
public class Desk
{
    public Badge Second(Badge first) => first.Copy();
}
