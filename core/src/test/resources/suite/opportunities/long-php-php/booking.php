<?php
namespace Aldera;

class Booking
{
    private ?string $note;

    public function __construct(
        private string $ship,
        private string $berth,
        private int $from,
        private int $until,
        private bool $power,
        private bool $water,
        ?string $note = null,
    ) {
        $this->note = $note;
    }

    public function extend(int $hours): void
    {
        $this->until += $hours;
    }

    public function summary(): string
    {
        return "$this->ship at $this->berth" . ($this->power ? ' +power' : '') . ($this->water ? ' +water' : '') . $this->note;
    }
}

class Desk
{
    public function quick(string $ship): Booking
    {
        return new Booking($ship, 'N1', 8, 18, false, false);
    }
}

class Import
{
    public function row(array $row): void
    {
        $booking = new Booking($row[0], $row[1], (int) $row[2], (int) $row[3], $row[4] === 'y', $row[5] === 'y', 'imported');
        echo $booking->summary();
    }
}
