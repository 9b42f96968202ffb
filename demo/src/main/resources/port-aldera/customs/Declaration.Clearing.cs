namespace Aldera.Customs;

public partial class Declaration : ICloneable
{
    public void Clear(IInspector inspector)
    {
        Channel = inspector.Choose(this);
        Cleared?.Invoke(this, new ClearedArgs(this));
    }

    public object Clone() => MemberwiseClone();
}
