<?php
namespace Paint;

final class Snapshot
{
    public function __construct(private readonly array $strokes, private readonly string $colour)
    {
    }

    public function strokes(): array
    {
        return $this->strokes;
    }

    public function colour(): string
    {
        return $this->colour;
    }
}
