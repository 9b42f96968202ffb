<?php

class Calendar implements IteratorAggregate
{
    private array $days = [];

    public function mark(string $day): void
    {
        $this->days[] = $day;
    }

    public function getIterator(): Generator
    {
        foreach ($this->days as $at => $day) {
            if ($at % 7 !== 6) {
                yield $at => $day;
            }
        }
    }
}

class Wall
{
    public function show(Calendar $calendar): string
    {
        $text = '';
        foreach ($calendar as $day) {
            $text .= "$day\n";
        }
        return $text;
    }
}
