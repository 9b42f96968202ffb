<?php

interface Vessel
{
    public function fee(): int;
}

final class Barge implements Vessel
{
    public function fee(): int
    {
        return 40;
    }
}

final class Liner implements Vessel
{
    public function fee(): int
    {
        return 900;
    }
}

final class Vessels
{
    public static function named(string $kind): Vessel
    {
        return match ($kind) {
            'barge' => new Barge(),
            'liner' => new Liner(),
            default => throw new InvalidArgumentException("no vessel $kind"),
        };
    }
}

final class Till
{
    public function ask(string $kind): int
    {
        return Vessels::named($kind)->fee();
    }
}
