<?php
declare(strict_types=1);

namespace Forms;

interface Rule
{
    public function check(mixed $value): ?string;
}

final class Required implements Rule
{
    public function check(mixed $value): ?string
    {
        return $value === null || $value === '' ? 'is required' : null;
    }
}

final class Length implements Rule
{
    public function __construct(private readonly int $min = 0, private readonly int $max = PHP_INT_MAX)
    {
    }

    public function check(mixed $value): ?string
    {
        $length = mb_strlen((string) $value);
        return $length < $this->min || $length > $this->max ? "must have {$this->min} to {$this->max} letters" : null;
    }
}

final class All implements Rule
{
    /** @var Rule[] */
    private readonly array $rules;

    public function __construct(Rule ...$rules)
    {
        $this->rules = $rules;
    }

    public function check(mixed $value): ?string
    {
        foreach ($this->rules as $rule) {
            if (null !== $problem = $rule->check($value)) {
                return $problem;
            }
        }
        return null;
    }
}

final class Optional implements Rule
{
    public function __construct(private readonly Rule $inner)
    {
    }

    public function check(mixed $value): ?string
    {
        return $value === null ? null : $this->inner->check($value);
    }
}
