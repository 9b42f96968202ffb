namespace Aldera;

public class BerthContract
{
    private string holder;
    private int berth;
    private int months;
    private decimal rent;
    private bool electricity;
    private string notes;

    public BerthContract(string holder, int berth, int months, decimal rent, bool electricity, string notes)
    {
        this.holder = holder;
        this.berth = berth;
        this.months = months;
        this.rent = rent;
        this.electricity = electricity;
        this.notes = notes;
    }

    public void Extend(int more) => months += more;

    public decimal Due() => electricity ? rent + 20 : rent;

    public string Text() => holder + berth + notes;
}
