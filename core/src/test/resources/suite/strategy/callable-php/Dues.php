<?php

final class Dues
{
    /** @var callable(int): float */
    private $rule;

    public function __construct(callable $rule)
    {
        $this->rule = $rule;
    }

    public function charge(int $tons): float
    {
        return round(($this->rule)($tons), 2);
    }
}

$perTon = fn (int $tons): float => $tons * 1.2;
$capped = fn (int $tons): float => min($tons * 2.0, 400.0);

echo (new Dues($perTon))->charge(10);
echo (new Dues($capped))->charge(900);
