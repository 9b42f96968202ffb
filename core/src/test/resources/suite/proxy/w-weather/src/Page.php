<?php

declare(strict_types=1);

namespace App;

use App\Weather\Forecasts;

final class Page
{
    public function __construct(private readonly Forecasts $forecasts)
    {
    }

    public function render(string $town): string
    {
        $html = '<ul>';
        foreach ($this->forecasts->forTown($town) as $forecast) {
            $html .= sprintf('<li>%s %.1f %s</li>', $forecast->day->format('D'), $forecast->degrees, $forecast->sky->label());
        }
        return $html . '</ul>';
    }
}
