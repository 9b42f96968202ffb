<?php

interface TopicListener
{
    public function told(string $topic, string $text): void;
}

class Bus
{
    /** @var array<string, TopicListener[]> */
    private array $byTopic = [];

    public function join(string $topic, TopicListener $listener): void
    {
        $this->byTopic[$topic][] = $listener;
    }

    public function leave(string $topic, TopicListener $listener): void
    {
        $key = array_search($listener, $this->byTopic[$topic] ?? [], true);
        if ($key !== false) {
            unset($this->byTopic[$topic][$key]);
        }
    }

    public function tell(string $topic, string $text): void
    {
        foreach ($this->byTopic[$topic] ?? [] as $listener) {
            $listener->told($topic, $text);
        }
    }
}

class Screen implements TopicListener
{
    private string $last = '';

    public function told(string $topic, string $text): void
    {
        $this->last = $topic . $text;
    }
}

class Archive implements TopicListener
{
    private array $lines = [];

    public function told(string $topic, string $text): void
    {
        $this->lines[] = $text;
    }
}
