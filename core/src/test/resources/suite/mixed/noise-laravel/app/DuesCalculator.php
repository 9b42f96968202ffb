<?php

namespace App\Services;

use App\Models\Visit;

class DuesCalculator
{
    private const PER_DAY = 120;

    public function for(Visit $visit): int
    {
        $days = max(1, $visit->arrived_at->diffInDays($visit->left_at));
        $factor = $visit->ship->length > 100 ? 2 : 1;

        return $days * self::PER_DAY * $factor;
    }
}
