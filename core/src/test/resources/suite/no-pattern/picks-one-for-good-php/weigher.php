<?php
namespace Aldera;

interface Scale
{
    public function weigh(string $crate): int;
}

final class SteelScale implements Scale
{
    public function weigh(string $crate): int
    {
        return strlen($crate) * 9;
    }
}

final class BrassScale implements Scale
{
    public function weigh(string $crate): int
    {
        return strlen($crate) * 11;
    }
}

final class BestScale implements Scale
{
    private Scale $scale;

    public function __construct()
    {
        if (extension_loaded('steel')) {
            $this->scale = new SteelScale();
        } else {
            $this->scale = new BrassScale();
        }
    }

    public function weigh(string $crate): int
    {
        return $this->scale->weigh($crate);
    }
}

final class Quay
{
    public function __construct(private Scale $scale) {}

    public function load(array $crates): int
    {
        return array_sum(array_map(fn (string $crate) => $this->scale->weigh($crate), $crates));
    }
}

echo (new Quay(new BestScale()))->load(['a', 'bcd']);
