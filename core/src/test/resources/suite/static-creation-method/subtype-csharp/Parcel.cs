namespace Aldera;
public abstract class Parcel
{
    public readonly int Grams;
    private Parcel(int grams) { Grams = grams; }
    public static Parcel Sealed(int grams) => new Tight(grams);
    private sealed class Tight : Parcel
    {
        public Tight(int grams) : base(grams) { }
    }
}
public class Sender
{
    public int Send() => Parcel.Sealed(20).Grams;
}
