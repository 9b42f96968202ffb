<?php
namespace Aldera;

final class Tonnage
{
    private static int $made = 0;
    private int $tons;

    private function __construct(int $tons)
    {
        $this->tons = $tons;
        Registry::note($this);
        self::$made++;
    }

    public static function ofTons(int $tons): self
    {
        if ($tons < 0) {
            throw new \InvalidArgumentException('negative');
        }
        return new self($tons);
    }

    public static function ofKilograms(int $kg): static
    {
        return new static(intdiv($kg, 1000));
    }

    public function tons(): int
    {
        return $this->tons;
    }
}

final class Registry
{
    private static array $all = [];

    public static function note(object $thing): void
    {
        self::$all[] = $thing;
    }
}
