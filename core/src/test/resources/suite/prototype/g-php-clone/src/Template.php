<?php
namespace Aldera\Forms;

final class Stamp
{
    public function __construct(public string $text)
    {
    }
}

abstract class Template
{
    protected array $lines = [];
    protected ?Stamp $stamp = null;

    abstract public function copy(): static;

    public function stamp(string $text): void
    {
        $this->stamp = new Stamp($text);
    }

    public function line(string $text): void
    {
        $this->lines[] = $text;
    }
}

final class Permit extends Template
{
    private int $days = 1;

    public function days(int $days): void
    {
        $this->days = $days;
    }

    public function copy(): static
    {
        $copy = clone $this;
        if ($this->stamp !== null) {
            $copy->stamp = clone $this->stamp;
        }
        return $copy;
    }
}

final class Waiver extends Template
{
    public function copy(): static
    {
        return $this;
    }
}
