<?php
class Ship
{
    public function __construct(public string $name)
    {
    }

    public function east(): string
    {
        return $this->name . ' east';
    }
}

class Rows
{
    private array $rows = [];

    public function add(array $row): void
    {
        $this->rows[] = $row;
    }

    public function text(): string
    {
        $text = '';
        foreach ($this->rows as [$ship, $quay]) {
            $text .= $ship->name . ' ' . $quay . "\n";
        }
        return $text;
    }
}

$ship = new Ship('Aurora');
$rows = new Rows();
$rows->add([$ship, 'east']);
echo $rows->text();
