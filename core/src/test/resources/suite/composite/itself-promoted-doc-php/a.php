<?php

interface Part
{
    public function weight(): int;
}

final class Stone implements Part
{
    public function weight(): int
    {
        return 3;
    }
}

final class Heap implements Part
{
    /**
     * @param Part[] $parts
     */
    public function __construct(private readonly array $parts)
    {
    }

    public function weight(): int
    {
        $sum = 0;
        foreach ($this->parts as $part) {
            $sum += $part->weight();
        }
        return $sum;
    }
}

final class Lazy implements Part
{
    /** @param list<Part> $parts */
    public function __construct(private iterable $parts, private ?int $known = null)
    {
    }

    public function weight(): int
    {
        return $this->known ??= array_sum(array_map(fn ($part) => $part->weight(), $this->parts));
    }
}
