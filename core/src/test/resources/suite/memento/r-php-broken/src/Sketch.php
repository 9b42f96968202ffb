<?php
namespace Paint;

final class Sketch
{
    private array $strokes = [];
    private string $colour = 'black';
    private int $zoom = 100;

    public function stroke(int $x, int $y): void
    {
        $this->strokes[] = [$x, $y, $this->colour];
    }

    public function colour(string $colour): void
    {
        $this->colour = $colour;
    }

    public function zoom(int $percent): void
    {
        $this->zoom = $percent;
    }

    public function snapshot(): Snapshot
    {
        return new Snapshot($this->strokes, $this->colour);
    }

    public function restore(Snapshot $snapshot): void
    {
        $this->strokes = $snapshot->strokes();
        $this->colour = $snapshot->colour();
    }
}
