<?php
declare(strict_types=1);

final class Stamps
{
    /** @var string[] */
    private array $all = [];

    public function press(string $stamp): void
    {
        $this->all[] = $stamp;
    }

    public function count(): int
    {
        return count($this->all);
    }
}

final class Permit
{
    private Stamps $stamps;
    private string $holder = '';
    private int $days = 30;

    public function __construct()
    {
        $this->stamps = new Stamps();
    }

    public function forHolder(string $name): void
    {
        $this->holder = $name;
    }

    public function extend(int $days): void
    {
        $this->days += $days;
    }

    public function copy(): self
    {
        $copy = new self();
        $copy->stamps = $this->stamps;
        $copy->holder = $this->holder;
        return $copy;
    }

    public function text(): string
    {
        $this->stamps->press('read');
        return "{$this->holder} {$this->days} {$this->stamps->count()}";
    }
}

$permit = new Permit();
$permit->forHolder('Ines');
$permit->extend(10);
echo $permit->copy()->text();
