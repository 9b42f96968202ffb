namespace Mill;

public class Miller
{
    public void Grind() => Granary.GetInstance().Store(2);
}
