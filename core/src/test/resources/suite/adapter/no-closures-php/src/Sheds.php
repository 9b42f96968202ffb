<?php
namespace Aldera\Lists;

final class Sheds
{
    public function pathOf(string $name): string
    {
        return '/sheds/' . $name;
    }
}

final class Printer
{
    private Sheds $sheds;

    public function __construct(Sheds $sheds)
    {
        $this->sheds = $sheds;
    }

    public function print(array $names): string
    {
        $rows = new Rows($names);
        $sheds = $this->sheds;
        return $rows->map(function ($row) use ($sheds) { return $sheds->pathOf($row); })->first()
            . $rows->map(new Shout())->first();
    }
}
