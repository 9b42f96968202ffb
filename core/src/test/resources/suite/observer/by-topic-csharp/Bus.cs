using System.Collections.Generic;

public interface ITopicListener { void Told(string topic, string text); }

public class Bus
{
    private readonly Dictionary<string, List<ITopicListener>> _byTopic = new();

    public void Join(string topic, ITopicListener listener)
    {
        if (!_byTopic.TryGetValue(topic, out var listeners))
        {
            listeners = new List<ITopicListener>();
            _byTopic[topic] = listeners;
        }
        listeners.Add(listener);
    }

    public void Leave(string topic, ITopicListener listener)
    {
        if (_byTopic.ContainsKey(topic)) _byTopic[topic].Remove(listener);
    }

    public void Tell(string topic, string text)
    {
        if (!_byTopic.ContainsKey(topic)) return;
        foreach (var listener in _byTopic[topic]) listener.Told(topic, text);
    }
}

public class Screen : ITopicListener
{
    private string _last = "";
    public void Told(string topic, string text) => _last = topic + text;
}

public class Archive : ITopicListener
{
    private readonly List<string> _lines = new();
    public void Told(string topic, string text) => _lines.Add(text);
}
