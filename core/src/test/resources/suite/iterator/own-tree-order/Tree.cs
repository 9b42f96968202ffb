using System.Collections;
using System.Collections.Generic;

public class Tree<T> : IEnumerable<T> where T : System.IComparable<T>
{
    private class Node
    {
        public T Value;
        public Node? Left;
        public Node? Right;
        public Node(T value) => Value = value;
    }

    private Node? root;

    public void Add(T value) => root = Add(root, value);

    private static Node Add(Node? node, T value)
    {
        if (node is null) return new Node(value);
        if (value.CompareTo(node.Value) < 0) node.Left = Add(node.Left, value);
        else node.Right = Add(node.Right, value);
        return node;
    }

    public IEnumerator<T> GetEnumerator()
    {
        var stack = new Stack<Node>();
        var at = root;
        while (at != null || stack.Count > 0)
        {
            while (at != null)
            {
                stack.Push(at);
                at = at.Left;
            }
            at = stack.Pop();
            yield return at.Value;
            at = at.Right;
        }
    }

    IEnumerator IEnumerable.GetEnumerator() => GetEnumerator();
}

public static class Program
{
    public static void Main()
    {
        var tree = new Tree<int>();
        tree.Add(4);
        tree.Add(2);
        foreach (var value in tree) System.Console.WriteLine(value);
    }
}
