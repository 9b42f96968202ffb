public delegate void Billed(int tons);
public class Desk
{
    public Billed Billed { get; set; }
    public int Bill(int tons) { Billed?.Invoke(tons); return tons * 3; }
}
public class Office
{
    public void Day() { var desk = new Desk(); desk.Billed = tons => System.Console.WriteLine(tons); desk.Bill(3); }
}
