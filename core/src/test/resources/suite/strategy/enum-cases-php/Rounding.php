<?php
declare(strict_types=1);

enum Rounding
{
    case None;
    case Five;
    case Ten;

    public function of(int $cents): int
    {
        return match ($this) {
            self::None => $cents,
            self::Five => intdiv($cents + 2, 5) * 5,
            self::Ten => intdiv($cents + 5, 10) * 10,
        };
    }
}

final class Till
{
    private int $sum = 0;

    public function __construct(private Rounding $rounding = Rounding::None)
    {
    }

    public function add(int $cents): void
    {
        $this->sum += $cents;
    }

    public function due(): int
    {
        return $this->rounding->of($this->sum);
    }
}

$till = new Till(Rounding::Five);
$till->add(112);
echo $till->due();
