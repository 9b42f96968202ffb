<?php
namespace Aldera;

enum Harbour
{
    case Aldera;

    public function name(): string
    {
        return 'Port of Aldera';
    }

    public function berths(): int
    {
        return count(self::load());
    }

    private static function load(): array
    {
        return file('berths.txt') ?: [];
    }
}
