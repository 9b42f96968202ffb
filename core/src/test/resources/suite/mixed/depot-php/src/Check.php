<?php
declare(strict_types=1);

namespace Aldera\Depot;

abstract class Check
{
    private ?Check $next = null;

    public function then(Check $next): Check
    {
        return $this->next = $next;
    }

    public function look(array $crate): ?string
    {
        return $this->next?->look($crate);
    }
}

final class WeightCheck extends Check
{
    public function __construct(private int $limit)
    {
    }

    public function look(array $crate): ?string
    {
        if ($crate['kilos'] > $this->limit) {
            return 'too heavy';
        }
        return parent::look($crate);
    }
}

final class SealCheck extends Check
{
    public function look(array $crate): ?string
    {
        if (!$crate['sealed']) {
            return 'not sealed';
        }
        return parent::look($crate);
    }
}
