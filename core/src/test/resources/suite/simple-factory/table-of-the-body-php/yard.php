<?php
interface Boat { public function launch(): int; }
class Tug implements Boat { public function launch(): int { return 1; } }
class Ferry implements Boat { public function launch(): int { return 2; } }
class Yard
{
    public static function for(string $e): Boat
    {
        $makers = ['tug' => fn () => new Tug(), 'ferry' => fn () => new Ferry()];
        return $makers[$e]();
    }
}
