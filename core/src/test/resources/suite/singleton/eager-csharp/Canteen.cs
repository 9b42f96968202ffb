namespace Aldera;
public sealed class Canteen
{
    private int meals;
    private Canteen() { }
    public static Canteen Shared { get; } = new Canteen();
    public void Serve() { meals++; }
}
public class Docker
{
    public void Eat() { Canteen.Shared.Serve(); }
}
