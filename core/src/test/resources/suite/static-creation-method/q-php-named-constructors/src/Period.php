<?php

declare(strict_types=1);

namespace Calendar;

final class Period
{
    private function __construct(
        private readonly \DateTimeImmutable $from,
        private readonly \DateTimeImmutable $to,
    ) {
        if ($from > $to) {
            throw new \InvalidArgumentException('a period ends after it starts');
        }
    }

    public static function between(string $from, string $to): self
    {
        return new self(new \DateTimeImmutable($from), new \DateTimeImmutable($to));
    }

    public static function month(int $year, int $month): self
    {
        $first = new \DateTimeImmutable(sprintf('%d-%02d-01', $year, $month));
        return new self($first, $first->modify('last day of this month'));
    }

    public static function today(): static
    {
        $now = new \DateTimeImmutable('today');
        return new static($now, $now);
    }

    public function days(): int
    {
        return (int) $this->from->diff($this->to)->days + 1;
    }
}
