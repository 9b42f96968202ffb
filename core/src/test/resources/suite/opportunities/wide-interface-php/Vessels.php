<?php
declare(strict_types=1);

interface Vessel
{
    public function sail(): string;
    public function load(int $tonnes): void;
    public function fish(): int;
    public function tow(string $other): void;
}

final class Trawler implements Vessel
{
    private int $catch = 0;

    public function sail(): string
    {
        return 'to the banks';
    }

    public function load(int $tonnes): void
    {
        throw new \LogicException('not supported');
    }

    public function fish(): int
    {
        return $this->catch += 3;
    }

    public function tow(string $other): void
    {
    }
}

final class Tug implements Vessel
{
    private array $towed = [];

    public function sail(): string
    {
        return 'to the roads';
    }

    public function load(int $tonnes): void
    {
    }

    public function fish(): int
    {
        throw new \LogicException('not supported');
    }

    public function tow(string $other): void
    {
        $this->towed[] = $other;
    }
}

foreach ([new Trawler(), new Tug()] as $vessel) {
    echo $vessel->sail();
}
