namespace Files;

public abstract class Node
{
    public string Name { get; }
    public Folder? Parent { get; internal set; }

    protected Node(string name) => Name = name;

    public abstract long Size();

    public string Path() => Parent is null ? Name : Parent.Path() + "/" + Name;
}

public sealed class Leaflet : Node
{
    private readonly byte[] content;

    public Leaflet(string name, byte[] content) : base(name) => this.content = content;

    public override long Size() => content.Length;
}

public sealed class Folder : Node
{
    private readonly List<Node> nodes = new();

    public Folder(string name) : base(name) { }

    public void Put(Node node)
    {
        node.Parent = this;
        nodes.Add(node);
    }

    public void Drop(Node node)
    {
        if (nodes.Remove(node)) node.Parent = null;
    }

    public override long Size() => nodes.Sum(node => node.Size());
}
