<?php

namespace Aldera\Parse;

final class Line
{
    public function __construct(public readonly string $kind, public readonly string $text) {}
}

final class Parser
{
    private int $at = 0;

    public function __construct(private array $lines) {}

    public function next(): ?Line
    {
        if ($this->at >= count($this->lines)) {
            return null;
        }
        $text = $this->lines[$this->at++];

        return match (true) {
            str_starts_with($text, '#') => new Line('title', substr($text, 1)),
            $text === '' => new Line('blank', ''),
            default => new Line('text', $text),
        };
    }
}
